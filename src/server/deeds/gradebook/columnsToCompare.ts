import type { ClosedTermRow } from '../../tables/terms';
import { localDate } from '../../../core/timing/zonedTime';
import type { Book, CellOfBook, ColumnOfBook } from './readBook';

interface Compared {
  readonly columns: readonly ColumnOfBook[];
  /** Null for who is not in the book any more. */
  readonly cellsOf: (personId: string) => readonly CellOfBook[] | null;
}

/** The columns that a closed term is compared with: those that it was made of, wherever they are due by now, and those that are due in it. */
export function columnsToCompare(
  { columns, students }: Book,
  { term, lastDay, titles }: Pick<ClosedTermRow, 'term' | 'lastDay' | 'titles'>,
  timeZone: string,
): Compared {
  const within = columns.map(({ id, due }) => {
    const day = due && localDate(due.getTime(), timeZone);
    return id in titles || (day !== null && term <= day && day <= lastDay);
  });
  const cells = new Map(students.map((student) => [student.member.personId, student.cells]));
  return {
    columns: columns.filter((_, at) => within[at]),
    cellsOf: (personId) => cells.get(personId)?.filter((_, at) => within[at]) ?? null,
  };
}

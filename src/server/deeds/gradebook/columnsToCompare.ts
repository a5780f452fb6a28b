import type { ClosedTermRow } from '../../tables/terms';
import { holdsDay } from '../../../core/classes/schoolYear';
import type { Book, CellOfBook, ColumnOfBook } from './readBook';
import { dayOf } from './termOfBook';

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
  const span = { from: term, to: lastDay };
  const within = columns.map((column) => column.id in titles || holdsDay(span, dayOf(column, timeZone)));
  const cells = new Map(students.map((student) => [student.member.personId, student.cells]));
  return {
    columns: columns.filter((_, at) => within[at]),
    cellsOf: (personId) => cells.get(personId)?.filter((_, at) => within[at]) ?? null,
  };
}

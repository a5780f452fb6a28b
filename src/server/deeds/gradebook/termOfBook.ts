import { holdsDay, type Span } from '../../../core/classes/schoolYear';
import type { BookColumn } from '../../../core/gradebook/classBook';
import { standingCells, type StandingCell } from '../../../core/gradebook/terms';
import { localDate } from '../../../core/timing/zonedTime';
import type { MemberRow } from '../../tables/memberships';
import type { Book, CellOfBook, ColumnOfBook } from './readBook';

/** What is left to do before the marks of a term can stand still. */
export interface LeftToDo {
  /** Posts that nobody has read, or that are judged in part. */
  readonly unread: number;
  /** Figures that the students were not told. */
  readonly notBack: number;
}

/** The part of a book that a term is made of. */
export interface TermOfBook extends LeftToDo {
  /** The book with the columns that were due in the term alone, and who was in the class for any of them. */
  readonly book: Book;
  readonly leftIn: readonly ColumnLeft[];
}

/** What is left in a column: whose, by those whose names may be seen, and how many in all. */
interface ColumnLeft extends LeftToDo {
  readonly column: ColumnOfBook;
  readonly unreadOf: readonly MemberRow[];
}

/** The columns of a book that were due in a term; what is of no day is in none. */
export function termOfBook(book: Book, span: Span, timeZone: string): TermOfBook {
  const within = book.columns.map((column) => holdsDay(span, dayOf(column, timeZone)));
  const only = <Of>(list: readonly Of[]) => list.filter((_, at) => within[at]);
  const columns = only(book.columns);
  const students = book.students
    .map(({ member, cells }) => ({ member, cells: only(cells) }))
    .filter(({ member, cells }) => member.leftAt === null || cells.some(({ outside }) => !outside));
  const leftIn = columns.map((column, at): ColumnLeft => {
    const nameless = (book.hidden.get(column.id) ?? []).map(({ cell }) => cell);
    const named = students.map(({ cells }) => cells[at]!);
    return {
      column,
      unreadOf: students.filter(({ cells }) => isUnread(column, cells[at]!)).map(({ member }) => member),
      unread: [...named, ...nameless].filter((cell) => isUnread(column, cell)).length,
      notBack: [...named, ...nameless].filter(isNotBack).length,
    };
  });
  return {
    book: { ...book, columns, students },
    leftIn,
    unread: leftIn.reduce((sum, { unread }) => sum + unread, 0),
    notBack: leftIn.reduce((sum, { notBack }) => sum + notBack, 0),
  };
}

/** What is left of one student's cells. */
export function leftOf(columns: readonly ColumnOfBook[], cells: readonly CellOfBook[]): LeftToDo {
  return {
    unread: cells.filter((cell, at) => isUnread(columns[at]!, cell)).length,
    notBack: cells.filter(isNotBack).length,
  };
}

export function isUnread({ kind }: ColumnOfBook, cell: CellOfBook): boolean {
  if (kind === 'own' || cell.withheld === 'hidden') return false;
  return cell.withheld === 'reading' || cell.soFar || (cell.handedIn && cell.figure === null);
}

/** What is read in part waits to be read, not to be given back. */
function isNotBack({ figure, givenBack, soFar, withheld }: CellOfBook): boolean {
  return !withheld && !soFar && figure !== null && figure !== givenBack;
}

/** Whether the reader of the book reads one of these posts a second time, and is not done with it. */
export function readsSecond(cells: readonly CellOfBook[]): boolean {
  return cells.some(({ withheld }) => withheld === 'reading');
}

/** The cells of all students as they stand now, by student. */
export function standingIn({ columns, students }: Book): ReadonlyMap<string, readonly StandingCell[]> {
  return new Map(students.map(({ member, cells }) => [member.personId, standingCells(columns, cells)]));
}

/** The day that a column is of, in the class's time zone; null where it is of none. */
export function dayOf({ due }: BookColumn, timeZone: string): string | null {
  return due && localDate(due.getTime(), timeZone);
}

export function titleOf(column: ColumnOfBook): string {
  return column.kind === 'post' ? column.assignment.title : column.own.title;
}

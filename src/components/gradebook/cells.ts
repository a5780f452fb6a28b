import type { BookShown, CellShown, ColumnShown, StudentShown } from '../../contract/gradebook/bookShown';

/** Of whom in which column. */
export interface CellKey {
  readonly columnId: string;
  readonly personId: string;
}

/** What the keys go through: the columns as they stand beside each other, and the total after them. */
export type Stop = { readonly kind: 'column'; readonly at: number } | { readonly kind: 'total' };

/** A place in the grid: a row and a stop of it. */
export interface Spot {
  readonly row: number;
  readonly stop: number;
}

/** A cell with all that it belongs to. */
export interface CellAt {
  readonly student: StudentShown;
  readonly column: ColumnShown;
  readonly cell: CellShown;
}

export function keyOf({ columnId, personId }: CellKey): string {
  return `${columnId} ${personId}`;
}

/** The cell at a spot; null for a total, or where nothing stands. */
export function cellAt(
  { columns }: Pick<BookShown, 'columns'>,
  students: readonly StudentShown[],
  stops: readonly Stop[],
  { row, stop }: Spot,
): CellAt | null {
  const [student, to] = [students[row], stops[stop]];
  if (!student || to?.kind !== 'column') return null;
  const [column, cell] = [columns[to.at], student.cells[to.at]];
  return column && cell ? { student, column, cell } : null;
}

/** The corners of a block of cells. */
export interface Block {
  readonly top: number;
  readonly bottom: number;
  readonly left: number;
  readonly right: number;
}

export function isWithin({ row, stop }: Spot, { top, bottom, left, right }: Block): boolean {
  return row >= top && row <= bottom && stop >= left && stop <= right;
}

/** The block that was drawn from one spot to another. */
export function blockBetween(one: Spot, another: Spot): Block {
  return {
    top: Math.min(one.row, another.row),
    bottom: Math.max(one.row, another.row),
    left: Math.min(one.stop, another.stop),
    right: Math.max(one.stop, another.stop),
  };
}

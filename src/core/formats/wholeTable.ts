import { defaultTreeAdapter, html as htmlNames } from 'parse5';
import { attribute, isElement, type Element, type Tree } from './styles';

/** A table of a word processor is seldom wider or longer; what a cell claims beyond that is not believed. */
const [MOST_COLUMNS, MOST_ROWS] = [40, 2000];

/**
 * Makes a table whole: cells that reach over several columns or rows are cells of their own there, empty but the first, and every row
 * has as many cells as the longest. True where something was merged.
 */
export function makeWhole(table: Element): boolean {
  const rows = rowsOf(table).slice(0, MOST_ROWS);
  let merged = false;
  /** For each column, how many rows below are still covered by a cell from above. */
  const covered: number[] = [];
  const laidOut = rows.map((row) => {
    const cells: Element[] = [];
    const claimed: { readonly column: number; readonly rows: number }[] = [];
    const fill = () => {
      while ((covered[cells.length] ?? 0) > 0) cells.push(emptyCell());
    };
    for (const cell of row.childNodes.filter(isElement)) {
      fill();
      const [columns, below] = [spanOf(cell, 'colspan', MOST_COLUMNS), spanOf(cell, 'rowspan', MOST_ROWS)];
      merged ||= columns > 1 || below > 1;
      for (let index = 0; index < columns && cells.length < MOST_COLUMNS; index += 1) {
        claimed.push({ column: cells.length, rows: below });
        cells.push(index === 0 ? cell : emptyCell());
      }
      cell.attrs = cell.attrs.filter(({ name }) => name !== 'colspan' && name !== 'rowspan');
    }
    fill();
    for (const [column, rowsLeft] of covered.entries()) covered[column] = Math.max(0, rowsLeft - 1);
    for (const { column, rows: over } of claimed) covered[column] = Math.max(covered[column] ?? 0, over - 1);
    return { row, cells };
  });
  const width = Math.max(0, ...laidOut.map(({ cells }) => cells.length));
  for (const { row, cells } of laidOut) {
    while (cells.length < width) cells.push(emptyCell());
    row.childNodes = cells;
    for (const cell of cells) cell.parentNode = row;
  }
  return merged;
}

/** The rows of a table, not those of tables within it. */
function rowsOf(part: Element): readonly Element[] {
  return part.childNodes.filter(isElement).flatMap((child) => {
    if (child.tagName === 'tr') return [child];
    return ['tbody', 'thead', 'tfoot'].includes(child.tagName) ? rowsOf(child) : [];
  });
}

function spanOf(cell: Element, name: 'colspan' | 'rowspan', most: number): number {
  const span = Number(attribute(cell, name));
  return Number.isInteger(span) && span > 1 ? Math.min(span, most) : 1;
}

function emptyCell(): Element & Tree {
  return defaultTreeAdapter.createElement('td', htmlNames.NS.HTML, []);
}

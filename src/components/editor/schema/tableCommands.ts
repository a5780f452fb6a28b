import type { Editor } from '@tiptap/core';
import { putAfterBlock } from '../putIn';
import type { Node, ResolvedPos } from '@tiptap/pm/model';
import { Selection, TextSelection } from '@tiptap/pm/state';

/** Where the cursor is in a table. */
interface InTable {
  readonly table: Node;
  /** Document position of the table. */
  readonly at: number;
  readonly row: number;
  readonly column: number;
}

/** The table that the cursor is in, or null. */
export function maybeTable(editor: Editor): InTable | null {
  const { $from } = editor.state.selection;
  const depth = depthOf($from, 'table');
  if (depth === null) return null;
  return {
    table: $from.node(depth),
    at: $from.before(depth),
    row: $from.index(depth),
    column: $from.index(depth + 1),
  };
}

function depthOf($position: ResolvedPos, name: string): number | null {
  for (let depth = $position.depth; depth > 0; depth -= 1)
    if ($position.node(depth).type.name === name) return depth;
  return null;
}

const cell = (type: string) => ({ type, content: [{ type: 'paragraph' }] });

/** Puts a table after the block that the cursor is in: a row that says what stands in the columns, and two more. */
export function putTable(editor: Editor, rows = 3, columns = 2): void {
  const row = (type: string) => ({
    type: 'tableRow',
    content: Array.from({ length: columns }, () => cell(type)),
  });
  const content = [
    {
      type: 'table',
      content: [row('tableHeader'), ...Array.from({ length: rows - 1 }, () => row('tableCell'))],
    },
    { type: 'paragraph' },
  ];
  putAfterBlock(editor, content, 4);
}

/** Puts the cursor into the next cell or the one before; after the last one a row is added. False outside a table. */
export function moveCell(editor: Editor, step: 1 | -1): boolean {
  const before = maybeTable(editor);
  if (!before) return false;
  const here = cellsOf(before).findIndex((one) => one.isHere);
  if (step === 1 && here === cellsOf(before).length - 1) addRow(editor);
  const after = maybeTable(editor);
  const next = after && cellsOf(after)[here + step];
  if (next) editor.commands.setTextSelection(next.at + 2);
  return true;
}

/**
 * From the last line of a cell into the cell below, from its first line into the one above; from the outermost rows out of the
 * table. False elsewhere.
 */
export function moveRow(editor: Editor, step: 1 | -1): boolean {
  const found = maybeTable(editor);
  const { doc, selection, tr } = editor.state;
  if (!found || !selection.empty || !isAtEdge(editor, step)) return false;
  const { table, at, row, column } = found;
  const next = row + step >= 0 ? table.maybeChild(row + step) : null;
  if (next) {
    let cellAt = startOfRow(found, row + step) + 1;
    for (let index = 0; index < Math.min(column, next.childCount - 1); index += 1)
      cellAt += next.child(index).nodeSize;
    tr.setSelection(TextSelection.near(doc.resolve(cellAt + 1), 1));
  } else {
    const out = Selection.findFrom(doc.resolve(step === 1 ? at + table.nodeSize : at), step);
    if (!out) return false;
    tr.setSelection(out);
  }
  editor.view.dispatch(tr.scrollIntoView());
  return true;
}

/** Whether the cursor is in the last line of its cell, or in the first. */
function isAtEdge({ state, view }: Editor, step: 1 | -1): boolean {
  const { $from } = state.selection;
  const cell = (depthOf($from, 'tableRow') ?? 0) + 1;
  for (let depth = cell; depth < $from.depth; depth += 1)
    if ($from.index(depth) !== (step === 1 ? $from.node(depth).childCount - 1 : 0)) return false;
  return view.endOfTextblock(step === 1 ? 'down' : 'up');
}

/** The cells of a table in reading order, and whether the cursor is in them. */
function cellsOf(found: InTable): readonly { readonly at: number; readonly isHere: boolean }[] {
  const cells: { readonly at: number; readonly isHere: boolean }[] = [];
  found.table.forEach((line, _, row) => {
    let at = startOfRow(found, row) + 1;
    line.forEach((one, __, column) => {
      cells.push({ at, isHere: row === found.row && column === found.column });
      at += one.nodeSize;
    });
  });
  return cells;
}

/** The cursor stays in its cell while rows and columns come beside it. */
const STAY = { updateSelection: false } as const;

/** A further row below the one that the cursor is in. */
export function addRow(editor: Editor): void {
  const found = maybeTable(editor);
  if (!found) return;
  const { table, row } = found;
  const columns = table.child(row).childCount;
  const content = { type: 'tableRow', content: Array.from({ length: columns }, () => cell('tableCell')) };
  editor
    .chain()
    .focus()
    .insertContentAt(startOfRow(found, row + 1), content)
    .run();
}

/** A further column after the one that the cursor is in. Cells go in from the last row on, so that positions hold. */
export function addColumn(editor: Editor): void {
  const found = maybeTable(editor);
  if (!found) return;
  const { table, column } = found;
  const chain = editor.chain().focus();
  for (let row = table.childCount - 1; row >= 0; row -= 1) {
    const of = table.child(row);
    const after = Math.min(column, of.childCount - 1);
    let position = startOfRow(found, row) + 1;
    for (let index = 0; index <= after; index += 1) position += of.child(index).nodeSize;
    chain.insertContentAt(position, cell(of.child(after).type.name), STAY);
  }
  chain.run();
}

/** Takes the row that the cursor is in away, and with its last row the table. */
export function removeRow(editor: Editor): void {
  const found = maybeTable(editor);
  if (!found) return;
  if (found.table.childCount === 1) return removeTable(editor);
  const from = startOfRow(found, found.row);
  editor
    .chain()
    .focus()
    .deleteRange({ from, to: from + found.table.child(found.row).nodeSize })
    .run();
}

/** Takes the column that the cursor is in away, and with the last column the table. */
export function removeColumn(editor: Editor): void {
  const found = maybeTable(editor);
  if (!found) return;
  const { table, column } = found;
  if (table.child(0).childCount === 1) return removeTable(editor);
  const chain = editor.chain().focus();
  for (let row = table.childCount - 1; row >= 0; row -= 1) {
    const of = table.child(row);
    if (column >= of.childCount || of.childCount === 1) continue;
    let from = startOfRow(found, row) + 1;
    for (let index = 0; index < column; index += 1) from += of.child(index).nodeSize;
    chain.deleteRange({ from, to: from + of.child(column).nodeSize });
  }
  chain.run();
}

export function removeTable(editor: Editor): void {
  const found = maybeTable(editor);
  if (!found) return;
  editor
    .chain()
    .focus()
    .deleteRange({ from: found.at, to: found.at + found.table.nodeSize })
    .run();
}

function startOfRow({ table, at }: InTable, row: number): number {
  let position = at + 1;
  for (let index = 0; index < row; index += 1) position += table.child(index).nodeSize;
  return position;
}

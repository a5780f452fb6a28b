import type { Editor } from '@tiptap/react';
import type { Node, ResolvedPos } from 'prosemirror-model';
import { isEmptyLine } from '../putIn';

const MOST_IN_ROW = 4;

/** The picture, or the row with room in it, that stands above a picture; empty paragraphs between do not count. */
function maybeAbove($at: ResolvedPos): { readonly node: Node; readonly from: number } | null {
  const { parent } = $at;
  let from = $at.pos;
  for (let index = $at.index() - 1; index >= 0; index -= 1) {
    const node = parent.child(index);
    from -= node.nodeSize;
    if (isEmptyLine(node)) continue;
    const joins =
      node.type.name === 'picture' || (node.type.name === 'pictureRow' && node.childCount < MOST_IN_ROW);
    return joins ? { node, from } : null;
  }
  return null;
}

/** What can be done with a picture at a position: put it beside the one above, or take it out of its row. */
export function rowMoves(editor: Editor, at: number): { readonly join: boolean; readonly leave: boolean } {
  const $at = editor.state.doc.resolve(at);
  const inRow = $at.parent.type.name === 'pictureRow';
  return { join: !inRow && maybeAbove($at) !== null, leave: inRow };
}

/** Puts the picture at a position beside the picture, or into the row, above it. */
export function joinRow(editor: Editor, at: number): void {
  const { state, view } = editor;
  const above = maybeAbove(state.doc.resolve(at));
  const picture = state.doc.nodeAt(at);
  if (!above || picture?.type.name !== 'picture') return;
  const others = above.node.type.name === 'picture' ? [above.node] : above.node.children;
  // The schema of the editor is made from ours, and has the same names.
  const row = state.schema.nodes['pictureRow']!.create(null, [...others, picture]);
  view.dispatch(state.tr.replaceWith(above.from, at + picture.nodeSize, row).scrollIntoView());
  view.focus();
}

/** Takes the picture at a position out of its row and puts it below; a row of one is none any more. */
export function leaveRow(editor: Editor, at: number): void {
  const { state, view } = editor;
  const $at = state.doc.resolve(at);
  const row = $at.parent;
  const picture = state.doc.nodeAt(at);
  if (row.type.name !== 'pictureRow' || !picture) return;
  const others = row.children.filter((_, index) => index !== $at.index());
  const left = others.length > 1 ? [row.type.create(null, others)] : others;
  view.dispatch(state.tr.replaceWith($at.before(), $at.after(), [...left, picture]).scrollIntoView());
  view.focus();
}

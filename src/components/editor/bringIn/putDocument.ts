import type { Editor } from '@tiptap/core';
import { Slice } from '@tiptap/pm/model';
import type { DocumentJson } from '../../../core/document/openDocument';
import { afterBlock } from '../putIn';

/** Puts pasted text where the cursor is, over what is selected. */
export function putPasted(editor: Editor, body: DocumentJson): void {
  const { content } = editor.schema.nodeFromJSON(body);
  const transaction = editor.state.tr.replaceSelection(Slice.maxOpen(content));
  editor.view.dispatch(transaction.scrollIntoView().setMeta('paste', true));
}

/** Puts the text of a file after the block that the cursor is in, or in place of an empty post. */
export function putOpened(editor: Editor, body: DocumentJson): void {
  const { content } = editor.schema.nodeFromJSON(body);
  const { doc, tr } = editor.state;
  const empty = doc.childCount === 1 && doc.firstChild?.isTextblock === true && doc.content.size === 2;
  const [from, to] = empty ? [0, doc.content.size] : [afterBlock(editor), afterBlock(editor)];
  editor.view.dispatch(tr.replaceWith(from, to, content).scrollIntoView().setMeta('paste', true));
}

/** Gives a picture that came along its id once it is on our server, or takes it out where it could not be brought. */
export function settlePicture(editor: Editor, name: string, id: string | null): void {
  const { doc, tr } = editor.state;
  const places: { readonly from: number; readonly size: number }[] = [];
  doc.descendants((node, position) => {
    if (node.type.name === 'picture' && node.attrs['src'] === name)
      places.push({ from: position, size: node.nodeSize });
  });
  for (const { from, size } of places.reverse())
    if (id === null) tr.delete(from, from + size);
    else tr.setNodeAttribute(from, 'src', id);
  if (places.length) editor.view.dispatch(tr.setMeta('addToHistory', false));
}

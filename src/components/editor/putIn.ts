import type { Editor, JSONContent } from '@tiptap/core';
import { begunStarter } from '../../core/assignments/starters';

/** Where something goes in that stands in a block of its own: after the block that the cursor is in. */
export function afterBlock(editor: Editor): number {
  const { $from } = editor.state.selection;
  return $from.depth > 0 ? $from.after(1) : $from.pos;
}

/** Puts blocks after the one that the cursor is in, and the cursor so many positions into them. */
export function putAfterBlock(editor: Editor, blocks: JSONContent[], into: number): void {
  const after = afterBlock(editor);
  editor
    .chain()
    .insertContentAt(after, blocks)
    .setTextSelection(after + into)
    .focus()
    .scrollIntoView()
    .run();
}

/** A heading at the end of the post, with an empty paragraph under it to write in. */
export function putHeadingAtEnd(editor: Editor, text: string, level = 2): void {
  const heading = { type: 'heading', attrs: { level }, content: [{ type: 'text', text }] };
  editor
    .chain()
    .insertContentAt(editor.state.doc.content.size, [heading, { type: 'paragraph' }])
    .focus('end')
    .scrollIntoView()
    .run();
}

/** The beginning of a sentence where the cursor is, without the dots at its end. */
export function putStarter(editor: Editor, starter: string): void {
  editor
    .chain()
    .focus()
    .insertContent(`${begunStarter(starter)} `)
    .scrollIntoView()
    .run();
}

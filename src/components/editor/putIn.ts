import type { Editor, JSONContent } from '@tiptap/core';
import type { Node } from 'prosemirror-model';
import { begunStarter } from '../../core/assignments/starters';

/** Where something goes in that stands in a block of its own: after the block that the cursor is in. */
export function afterBlock(editor: Editor): number {
  const { $from } = editor.state.selection;
  return $from.depth > 0 ? $from.after(1) : $from.pos;
}

/**
 * Puts blocks after the one that the cursor is in, or in the place of the empty line that it stands on, and the cursor so many
 * positions into them.
 */
export function putAfterBlock(editor: Editor, blocks: JSONContent[], into: number): void {
  const { $from } = editor.state.selection;
  const to = afterBlock(editor);
  const from = $from.depth === 1 && isEmptyLine($from.parent) ? $from.before(1) : to;
  editor
    .chain()
    .insertContentAt({ from, to }, blocks)
    .setTextSelection(from + into)
    .focus()
    .scrollIntoView()
    .run();
}

/**
 * A heading with a paragraph under it to write in, and the cursor there: at the end of the post, in the place of empty lines
 * there, or before a document position.
 */
export function putHeading(
  editor: Editor,
  text: string,
  { level, before }: { readonly level: number; readonly before: number | null } = AT_END,
): void {
  const heading = { type: 'heading', attrs: { level }, content: [{ type: 'text', text }] };
  const { doc } = editor.state;
  const from = before ?? endOfWriting(doc);
  editor
    .chain()
    .insertContentAt({ from, to: before ?? doc.content.size }, [heading, { type: 'paragraph' }])
    // Over the heading, and into the paragraph.
    .setTextSelection(from + text.length + 3)
    .focus()
    .scrollIntoView()
    .run();
}

const AT_END = { level: 2, before: null };

/** Where the last block ends that something stands in. */
function endOfWriting({ content }: Node): number {
  let end = content.size;
  for (let index = content.childCount - 1; index >= 0; index -= 1) {
    const block = content.child(index);
    if (!isEmptyLine(block)) break;
    end -= block.nodeSize;
  }
  return end;
}

/** Whether a block is a paragraph that nothing stands in. */
export function isEmptyLine({ type, content }: Node): boolean {
  return type.name === 'paragraph' && content.size === 0;
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

import type { Editor, JSONContent } from '@tiptap/core';
import { afterBlock, putAfterBlock } from '../putIn';

/** What a picture is put into a post with. */
export interface NewPicture {
  readonly src: string;
  readonly description?: string;
  readonly licence?: string;
  readonly width?: number;
  readonly side?: string;
  readonly caption?: string;
  readonly credit?: string;
}

/** Puts a picture after the block that the cursor is in, never inside another picture's caption, and goes to its caption. */
export function putPicture(editor: Editor, { caption = '', credit = '', ...attrs }: NewPicture): void {
  const words = (text: string): JSONContent[] => (text ? [{ type: 'text', text }] : []);
  const picture = {
    type: 'picture',
    attrs,
    content: [
      { type: 'caption', content: words(caption) },
      { type: 'credit', content: words(credit) },
    ],
  };
  const last = afterBlock(editor) >= editor.state.doc.content.size;
  putAfterBlock(editor, last ? [picture, { type: 'paragraph' }] : [picture], 2);
}

/** Where a new picture of a width begins: text runs around one that is narrower than the text. */
export function firstPlace(width: number): { readonly width: number; readonly side: string } {
  return { width, side: width < 100 ? 'end' : 'full' };
}

/** Shows another picture wherever one stands in the text, with all that was said of it. */
export function swapPicture(editor: Editor, from: string, to: string): void {
  editor
    .chain()
    .command(({ tr, state }) => {
      state.doc.descendants((node, at) => {
        if (node.type.name === 'picture' && node.attrs['src'] === from) tr.setNodeAttribute(at, 'src', to);
      });
      return true;
    })
    .run();
}

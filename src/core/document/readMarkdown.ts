import { micromark } from 'micromark';
import { gfm, gfmHtml } from 'micromark-extension-gfm';
import type { Node } from 'prosemirror-model';
import { readHtml } from './html/readHtml';

/** Markdown (CommonMark with GitHub's tables and the like) as a document; HTML inside goes through `readHtml`. */
export function readMarkdown(markdown: string): Node {
  return readHtml(
    micromark(markdown, {
      extensions: [gfm()],
      htmlExtensions: [gfmHtml()],
      allowDangerousHtml: true,
      allowDangerousProtocol: true,
    }),
  );
}

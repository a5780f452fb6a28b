import { micromark } from 'micromark';
import { gfmAutolinkLiteral, gfmAutolinkLiteralHtml } from 'micromark-extension-gfm-autolink-literal';
import { gfmStrikethrough, gfmStrikethroughHtml } from 'micromark-extension-gfm-strikethrough';
import { gfmTable, gfmTableHtml } from 'micromark-extension-gfm-table';
import type { Node } from 'prosemirror-model';
import { readHtml } from './html/readHtml';

/**
 * Markdown (CommonMark with tables, struck words and bare addresses) as a document. HTML inside it, and every address,
 * goes through `readHtml`, which keeps nothing that executes.
 */
export function readMarkdown(markdown: string): Node {
  return readHtml(
    micromark(markdown, {
      extensions: [gfmAutolinkLiteral(), gfmStrikethrough(), gfmTable()],
      htmlExtensions: [gfmAutolinkLiteralHtml(), gfmStrikethroughHtml(), gfmTableHtml()],
      allowDangerousHtml: true,
      allowDangerousProtocol: true,
    }),
  );
}

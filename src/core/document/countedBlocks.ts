import type { Node } from 'prosemirror-model';
import { alike } from '../text/alike';
import { blockText } from './plainText';
import { rememberByNode, rememberByNodeAnd } from './remember';

/** A block whose text is counted, and where it begins (a document position). */
export interface CountedBlock {
  readonly node: Node;
  readonly position: number;
  readonly text: string;
}

export interface CountOptions {
  readonly excludeQuotations?: boolean;
  readonly excludeHeadings?: boolean;
  /** The assignment's starter outline: its headings are not counted while they stand as they were given. */
  readonly outline?: readonly string[];
}

const COUNTED = new Set(['paragraph', 'heading']);
/** Their text belongs to a picture, a source or a program, not to what the writer tells. */
const NEVER_COUNTED = new Set(['picture', 'quoteSource', 'codeBlock']);

/** The blocks whose words count (by default all of these): paragraphs, headings, list items, quotations, table cells. */
export function countedBlocks(document: Node, options: CountOptions = {}): readonly CountedBlock[] {
  return chosenBlocks(document, options);
}

/** A key for options: the same for those that choose the same blocks. */
export function countKey({ excludeQuotations, excludeHeadings, outline = [] }: CountOptions): string {
  return [excludeQuotations === true, excludeHeadings === true, ...outline].join('\n');
}

const chosenBlocks = rememberByNodeAnd(
  countKey,
  (document, options: CountOptions): readonly CountedBlock[] => {
    const { excludeQuotations = false, excludeHeadings = false, outline = [] } = options;
    const all = textBlocks(document);
    if (!excludeQuotations && !excludeHeadings && outline.length === 0) return all;
    const given = new Set(outline.map(alike));
    return all.filter(
      ({ node, text, quoted }) =>
        !(excludeQuotations && quoted) &&
        (node.type.name !== 'heading' ||
          !(excludeHeadings || (node.attrs['outline'] === true && given.has(alike(text))))),
    );
  },
);

interface TextBlock extends CountedBlock {
  /** Whether it stands in a quotation. */
  readonly quoted: boolean;
}

/** Every block that could count, found once for each document. */
const textBlocks = rememberByNode((document: Node): readonly TextBlock[] => {
  const blocks: TextBlock[] = [];
  let quotedUntil = -1;
  document.descendants((node, position) => {
    const name = node.type.name;
    if (NEVER_COUNTED.has(name)) return false;
    if (name === 'blockquote') quotedUntil = Math.max(quotedUntil, position + node.nodeSize);
    if (!COUNTED.has(name)) return true;
    blocks.push({ node, position, text: blockText(node), quoted: position < quotedUntil });
    return false;
  });
  return blocks;
});

import type { Node } from 'prosemirror-model';
import { alike } from '../text/alike';
import { blockText } from './plainText';

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
export function countedBlocks(document: Node, options: CountOptions = {}): CountedBlock[] {
  const blocks: CountedBlock[] = [];
  const outline = new Set((options.outline ?? []).map(alike));
  document.descendants((node, position) => {
    if (NEVER_COUNTED.has(node.type.name)) return false;
    if (node.type.name === 'blockquote' && options.excludeQuotations) return false;
    if (!COUNTED.has(node.type.name)) return true;
    const text = blockText(node);
    if (node.type.name !== 'heading' || headingCounts(node, text, options, outline))
      blocks.push({ node, position, text });
    return false;
  });
  return blocks;
}

function headingCounts(
  heading: Node,
  text: string,
  options: CountOptions,
  outline: ReadonlySet<string>,
): boolean {
  if (options.excludeHeadings) return false;
  return !(heading.attrs['outline'] === true && outline.has(alike(text)));
}

import type { Node } from 'prosemirror-model';
import type { CountOptions } from './countedBlocks';
import { sections, wordCounter } from './sections';

/** A heading and what follows it up to the next one, of whatever level; or what stands before the first. */
export interface Stretch {
  /** The heading's text; empty before the first. */
  readonly heading: string;
  /** Where it begins and ends: document positions. */
  readonly from: number;
  readonly to: number;
  /** Those that count, the heading's own among them. */
  readonly words: number;
}

/** A document cut at its headings: the words of all stretches are the words of the document. */
export function stretches(document: Node, options: CountOptions = {}): readonly Stretch[] {
  const count = wordCounter(document, options);
  const headings = sections(document).map(({ text, position }) => ({ heading: text, from: position }));
  const beginnings = headings[0]?.from === 0 ? headings : [{ heading: '', from: 0 }, ...headings];
  return beginnings.map((begins, index) => {
    const to = beginnings[index + 1]?.from ?? document.content.size;
    return { ...begins, to, words: count(begins.from, to) };
  });
}

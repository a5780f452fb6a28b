import type { Node } from 'prosemirror-model';
import { reading } from '../document/reading';
import { fold } from '../text/alike';

/** A label whose very words a post says. */
export interface LabelSaid {
  readonly label: string;
  /** The nearest heading above them; null before the first. */
  readonly heading: string | null;
}

/**
 * Which labels the text of a post says itself, each where it is said first, in the order of the labels. The words of a label
 * may stand with spaces or hyphens between them, and never as a part of a longer word.
 */
export function labelsSaid(document: Node, labels: readonly string[]): readonly LabelSaid[] {
  const { texts, headings } = reading(document);
  const folded = texts.map(({ text, position }) => ({ text: fold(text), position }));
  return labels.flatMap((label) => {
    const words = fold(label)
      .split(/[^\p{L}\p{M}\p{N}]+/u)
      .filter(Boolean);
    if (words.length === 0) return [];
    const said = new RegExp(
      `(?<![\\p{L}\\p{N}])${words.join('[\\s\\-_\\u2010\\u2011]?')}(?![\\p{L}\\p{M}\\p{N}])`,
      'u',
    );
    const found = folded.find(({ text }) => said.test(text));
    if (!found) return [];
    return [{ label, heading: headings.findLast((one) => one.position <= found.position)?.text ?? null }];
  });
}

import type { Node } from 'prosemirror-model';
import { countedBlocks } from '../document/countedBlocks';
import { fold } from '../text/alike';
import { wordsOf } from '../words/countWords';

/** So many words in a row that stand in one other text are no chance any more. */
export const ROW = 8;

/** The words of a text as they are compared: case folded, without punctuation. */
export function comparable(text: string): readonly string[] {
  return wordsOf(fold(text)).map((word) =>
    // Most words have none, and looking for letters alone is many times quicker.
    /^[a-z\d]+$/.test(word) ? word : word.replace(/[\p{P}\p{S}]/gu, ''),
  );
}

/** All words of a document that count, as they are compared, one after the other across its blocks, parted by a space each. */
export function comparableText(document: Node): string {
  return countedBlocks(document)
    .flatMap(({ text }) => comparable(text))
    .join(' ');
}

/** A text that others are compared with: its `comparableText`. */
export interface OtherText {
  readonly id: string;
  readonly words: string;
}

/** The words of a `comparableText`. */
export function wordsIn({ words }: Pick<OtherText, 'words'>): readonly string[] {
  return words === '' ? [] : words.split(' ');
}

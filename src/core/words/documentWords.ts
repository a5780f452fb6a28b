import type { Node } from 'prosemirror-model';
import { readBlock, type TextRead } from '../document/blockRead';
import { ofCountedTexts, type CountOptions } from '../document/countedBlocks';
import { reading } from '../document/reading';

/** The number of words in a document that count (see `countedBlocks`). */
export function countDocumentWords(document: Node, options: CountOptions = {}): number {
  let words = 0;
  for (const inBlock of ofCountedTexts(reading(document), { name: 'words', options, find: wordsOfTexts }))
    words += inBlock;
  return words;
}

function wordsOfTexts(texts: readonly TextRead[]): number {
  return texts.reduce((sum, text) => sum + text.words, 0);
}

/** The number of words in a block that holds text alone, such as a paragraph. */
export function wordsInBlock(block: Node): number {
  return readBlock(block).texts[0]?.words ?? 0;
}

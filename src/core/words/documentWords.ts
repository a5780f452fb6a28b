import type { Node } from 'prosemirror-model';
import { readBlock } from '../document/blockRead';
import { totalOfCountedTexts, type CountOptions } from '../document/countedBlocks';
import { reading } from '../document/reading';
import { wordsOfTexts } from '../document/sections';

/** The number of words in a document that count (see `countedBlocks`). */
export function countDocumentWords(document: Node, options: CountOptions = {}): number {
  const column = { name: 'words', options, find: wordsOfTexts };
  return totalOfCountedTexts(reading(document), column, '', (words) => words);
}

/** The number of words in a block that holds text alone, such as a paragraph. */
export function wordsInBlock(block: Node): number {
  return readBlock(block).texts[0]?.words ?? 0;
}

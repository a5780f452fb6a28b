import type { Node } from 'prosemirror-model';
import { countedBlocks } from '../document/countedBlocks';
import { rememberByNode } from '../document/remember';
import type { Speller } from '../requirements/post';
import { fold } from '../text/alike';

/** A word that no dictionary knows, and each place where it stands (document positions). */
export interface UnknownWord {
  readonly word: string;
  readonly places: readonly { readonly from: number; readonly to: number }[];
}

const PIECE = /[^\s\u2013-\u2015]+/gu;
const WORD = /^[\p{L}\p{M}'-]+$/u;
const ADDRESS = /:\/\/|^www\.|@|\p{L}\.\p{L}/iu;
/** Stands for what is no text to be spelt: code and line breaks keep their places. */
const GAP = '\uFFFC';

/**
 * The different words of a text that stand in no dictionary, nor among the class's own. Passed over are words with
 * digits, code, addresses, and those with a capital inside a sentence: names, mostly.
 */
export function unknownWords(
  document: Node,
  {
    speller,
    classWords,
    outline,
  }: {
    readonly speller: Speller;
    readonly classWords: readonly string[];
    readonly outline: readonly string[];
  },
): readonly UnknownWord[] {
  const allowed = new Set(classWords.map(fold));
  const found = new Map<string, { word: string; places: { from: number; to: number }[] }>();
  const asked = askedOf(speller);
  const isKnown = (word: string): boolean => {
    const answer = asked.get(word) ?? knows(word, speller);
    asked.set(word, answer);
    if (answer || allowed.has(fold(word))) return true;
    const parts = word.split('-').filter(Boolean);
    return parts.length > 1 && parts.every(isKnown);
  };
  for (const { node, position } of countedBlocks(document, { outline })) {
    for (const { word, offset } of doubtfulWords(node, speller)) {
      if (isKnown(word)) continue;
      const key = fold(word);
      const entry = found.get(key) ?? { word, places: [] };
      const from = position + 1 + offset;
      entry.places.push({ from, to: from + word.length });
      found.set(key, entry);
    }
  }
  return [...found.values()];
}

/** A block's text, one character for each of its positions, so that places can be found again. */
function speltText(block: Node): string {
  let text = '';
  block.forEach((child) => {
    const isCode = child.marks.some((mark) => mark.type.name === 'code');
    const isBreak = child.type.name === 'hardBreak';
    text += isBreak ? '\n' : child.isText && !isCode ? (child.text ?? '') : GAP.repeat(child.nodeSize);
  });
  return text;
}

interface WordInText {
  readonly word: string;
  readonly offset: number;
}

const wordsToSpell = rememberByNode((block: Node): readonly WordInText[] => {
  const text = speltText(block);
  const words: WordInText[] = [];
  let begins = true;
  for (const { 0: piece, index } of text.matchAll(PIECE)) {
    const lead = /^[^\p{L}\p{N}]*/u.exec(piece)?.[0].length ?? 0;
    const word = piece
      .slice(lead)
      .replace(/[^\p{L}\p{N}\p{M}]+$/u, '')
      .replace(/\u2019/gu, "'");
    const isName = !begins && /\p{Lu}/u.test(word);
    if (word !== '' && WORD.test(word) && !ADDRESS.test(piece) && !isName && !piece.includes(GAP))
      words.push({ word, offset: index + lead });
    if (word !== '') begins = /[.!?\u2026:]["'\u201D\u2019\u00BB)\]]*$/u.test(piece);
  }
  return words;
});

/** The words of a block that a speller does not know as they stand; the class may allow them all the same. */
function doubtfulWords(block: Node, speller: Speller): readonly WordInText[] {
  const known = DOUBTFUL.get(speller) ?? rememberByNode((node: Node) => doubtIn(node, speller));
  DOUBTFUL.set(speller, known);
  return known(block);
}

const DOUBTFUL = new WeakMap<Speller, (block: Node) => readonly WordInText[]>();

function doubtIn(block: Node, speller: Speller): readonly WordInText[] {
  const asked = askedOf(speller);
  return wordsToSpell(block).filter(({ word }) => {
    const answer = asked.get(word) ?? knows(word, speller);
    asked.set(word, answer);
    return !answer;
  });
}

/** What a speller was asked before. It lives as long as the speller does. */
const ASKED = new WeakMap<Speller, Map<string, boolean>>();

function askedOf(speller: Speller): Map<string, boolean> {
  const asked = ASKED.get(speller) ?? new Map<string, boolean>();
  ASKED.set(speller, asked);
  return asked;
}

/** Whether a word is spelt right: as it stands, or without the capital of a sentence's beginning. */
function knows(word: string, speller: Speller): boolean {
  if (speller.knows(word)) return true;
  const small = word.slice(0, 1).toLocaleLowerCase() + word.slice(1);
  return small !== word && speller.knows(small);
}

import type { Node } from 'prosemirror-model';
import { countedBlocks } from '../document/countedBlocks';
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
  const known = new Map<string, boolean>();
  const found = new Map<string, { word: string; places: { from: number; to: number }[] }>();
  const isKnown = (word: string) => {
    const answer = known.get(word) ?? knows(word, speller, allowed);
    known.set(word, answer);
    return answer;
  };
  for (const { node, position } of countedBlocks(document, { outline })) {
    for (const { word, offset } of wordsToSpell(speltText(node))) {
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

function wordsToSpell(text: string): readonly WordInText[] {
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
}

/** Whether a word is spelt right: whole, without the capital of a sentence's beginning, or in its parts. */
function knows(word: string, speller: Speller, allowed: ReadonlySet<string>): boolean {
  if (allowed.has(fold(word)) || speller.knows(word)) return true;
  const small = word.slice(0, 1).toLocaleLowerCase() + word.slice(1);
  if (small !== word && speller.knows(small)) return true;
  const parts = word.split('-').filter(Boolean);
  return parts.length > 1 && parts.every((part) => knows(part, speller, allowed));
}

import type { Node } from 'prosemirror-model';
import type { TextRead } from '../document/blockRead';
import { filledCountedTexts, ofCountedTexts } from '../document/countedBlocks';
import { reading } from '../document/reading';
import type { Speller } from '../requirements/post';
import { fold } from '../text/alike';
import { rememberByText } from '../text/remember';

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

interface Spelt {
  readonly speller: Speller;
  readonly classWords: readonly string[];
  readonly outline: readonly string[];
}

/**
 * The different words of a text that stand in no dictionary, nor among the class's own. Passed over are words with
 * digits, code, addresses, and those with a capital inside a sentence: names, mostly.
 */
export function unknownWords(
  document: Node,
  { speller, classWords, outline }: Spelt,
): readonly UnknownWord[] {
  const allowed = new Set(classWords.map(fold));
  const found = new Map<string, { word: string; places: { from: number; to: number }[] }>();
  const isKnown = (word: string): boolean => {
    if (isSpelt(word, speller) || allowed.has(fold(word))) return true;
    const parts = word.split('-').filter(Boolean);
    return parts.length > 1 && parts.every(isKnown);
  };
  const read = reading(document);
  ofCountedTexts(read, doubtsOf({ speller, outline })).forEach((doubts, index) => {
    for (const { word, offset } of doubts) {
      if (isKnown(word)) continue;
      const key = fold(word);
      const entry = found.get(key) ?? { word, places: [] };
      const from = read.starts[index]! + offset;
      entry.places.push({ from, to: from + word.length });
      found.set(key, entry);
    }
  });
  return [...found.values()];
}

/** The doubtful words in each block that has any: while these are the same, so is all that is unknown, positions apart. */
export function blocksInDoubt(document: Node, spelt: Pick<Spelt, 'speller' | 'outline'>): readonly object[] {
  return filledCountedTexts(reading(document), doubtsOf(spelt));
}

function doubtsOf({ speller, outline }: Pick<Spelt, 'speller' | 'outline'>) {
  const find = (texts: readonly TextRead[]) => doubtsIn(texts, speller);
  return { name: nameOf(speller), options: { outline }, find };
}

/** The words of some texts that a speller does not know as they stand; the class may allow them all the same. */
function doubtsIn(texts: readonly TextRead[], speller: Speller): readonly WordInText[] {
  return texts.flatMap(({ node, position }) =>
    wordsToSpell(node)
      .filter(({ word }) => !isSpelt(word, speller))
      .map(({ word, offset }) => ({ word, offset: position + 1 + offset })),
  );
}

/** A name for each speller, so that what one of them said is not taken for another's answer. */
const NAMES = new WeakMap<Speller, string>();
let spellers = 0;

function nameOf(speller: Speller): string {
  const known = NAMES.get(speller);
  if (known !== undefined) return known;
  spellers += 1;
  const name = `spelling by ${spellers}`;
  NAMES.set(speller, name);
  return name;
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

function wordsToSpell(block: Node): readonly WordInText[] {
  const words: WordInText[] = [];
  let begins = true;
  const text = speltText(block);
  PIECE.lastIndex = 0;
  for (let found = PIECE.exec(text); found; found = PIECE.exec(text)) {
    const { 0: piece, index } = found;
    const { word, lead, isSpelt: counts, hasCapital, ends } = readPiece(piece);
    if (counts && (begins || !hasCapital)) words.push({ word, offset: index + lead });
    if (word !== '') begins = ends;
  }
  return words;
}

/** What a piece of text between spaces is to a speller; the same pieces come again and again. */
const readPiece = rememberByText((piece) => {
  const lead = /^[^\p{L}\p{N}]*/u.exec(piece)?.[0].length ?? 0;
  const word = piece
    .slice(lead)
    .replace(/[^\p{L}\p{N}\p{M}]+$/u, '')
    .replace(/\u2019/gu, "'");
  return {
    word,
    lead,
    /** Whether it is a word that can be spelt: no number, address or code. */
    isSpelt: word !== '' && WORD.test(word) && !ADDRESS.test(piece) && !piece.includes(GAP),
    /** Inside a sentence it is a name then, mostly. */
    hasCapital: /\p{Lu}/u.test(word),
    /** Whether a sentence ends with it. */
    ends: /[.!?\u2026]["'\u201D\u2019\u00BB)\]]*$/u.test(piece),
  };
});

/** What a speller was asked before. It lives as long as the speller does. */
const ASKED = new WeakMap<Speller, Map<string, boolean>>();

function askedOf(speller: Speller): Map<string, boolean> {
  const known = ASKED.get(speller);
  if (known) return known;
  const asked = new Map<string, boolean>();
  ASKED.set(speller, asked);
  return asked;
}

/** Whether a word is spelt right, asked once for each word. */
function isSpelt(word: string, speller: Speller): boolean {
  const asked = askedOf(speller);
  const known = asked.get(word);
  if (known !== undefined) return known;
  const answer = knows(word, speller);
  asked.set(word, answer);
  return answer;
}

/** Whether a word is spelt right: as it stands, or without the capital of a sentence's beginning. */
function knows(word: string, speller: Speller): boolean {
  if (speller.knows(word)) return true;
  const small = word.slice(0, 1).toLocaleLowerCase() + word.slice(1);
  return small !== word && speller.knows(small);
}

import type { Node } from 'prosemirror-model';
import { countedBlocks } from '../document/countedBlocks';
import { hasSource } from '../document/quotations';
import { bareStarter, endsOf } from '../requirements/starterUses';
import { fold } from '../text/alike';
import { wordsOf } from '../words/countWords';

/** So many words in a row that stand in one other text are no chance any more. */
const ROW = 8;

/** A word as it is compared, and the block that it stands in (document positions). */
interface OwnWord {
  readonly word: string;
  readonly from: number;
  readonly to: number;
}

/** What of a post is alike with other texts. */
export interface Likeness {
  /** Words that are the writer's to answer for. */
  readonly words: number;
  /** Those of them that stand in rows which another text has too. */
  readonly alike: number;
  /** The blocks in which such rows stand, each once, and the other text. */
  readonly passages: readonly { readonly from: number; readonly to: number; readonly other: string }[];
}

interface Given {
  readonly starters: readonly string[];
  readonly outline: readonly string[];
  /** Classmates' posts and given sources. */
  readonly others: readonly { readonly id: string; readonly body: Node }[];
}

/**
 * Which words of a post stand, at least eight in a row, in one other text: case folded, without punctuation, across
 * blocks. What everybody was given (starters, outline headings) and quotations with a source break a row and count as
 * nobody's.
 */
export function likeness(document: Node, { starters, outline, others }: Given): Likeness {
  const rows = ownRows(document, starters, outline);
  const passages = new Map<string, { from: number; to: number; other: string }>();
  const marked = rows.map((row) => row.map(() => false));
  for (const { id, body } of others) {
    const known = rowsIn(countedBlocks(body).flatMap((block) => comparable(block.text)));
    rows.forEach((row, rowIndex) => {
      for (let at = 0; at + ROW <= row.length; at += 1) {
        if (!known.has(keyOf(row.slice(at, at + ROW).map((one) => one.word)))) continue;
        for (let index = at; index < at + ROW; index += 1) {
          marked[rowIndex]![index] = true;
          const { from, to } = row[index]!;
          passages.set(`${from} ${id}`, { from, to, other: id });
        }
      }
    });
  }
  return {
    words: rows.reduce((sum, row) => sum + row.length, 0),
    alike: marked.flat().filter(Boolean).length,
    passages: [...passages.values()],
  };
}

/** The writer's own words in rows that nothing breaks. */
function ownRows(
  document: Node,
  starters: readonly string[],
  outline: readonly string[],
): readonly (readonly OwnWord[])[] {
  const bare = starters.map(bareStarter).filter(Boolean);
  const own = new Set(countedBlocks(document, { outline }).map((block) => block.position));
  const quoted = sourcedQuotations(document);
  const rows: OwnWord[][] = [[]];
  for (const { node, position, text } of countedBlocks(document)) {
    const isOwn = own.has(position) && !quoted.some(({ from, to }) => position > from && position < to);
    if (!isOwn) {
      rows.push([]);
      continue;
    }
    const place = { from: position, to: position + node.nodeSize };
    withoutStarters(fold(text), bare).forEach((stretch, index) => {
      if (index > 0) rows.push([]);
      rows.at(-1)?.push(...comparable(stretch).map((word) => ({ word, ...place })));
    });
  }
  return rows;
}

/** A folded text in stretches between the starters that stand in it. */
function withoutStarters(folded: string, starters: readonly string[]): readonly string[] {
  const spans = starters
    .flatMap((starter) => endsOf(folded, starter).map((to) => ({ from: to - starter.length, to })))
    .sort((a, b) => a.from - b.from);
  const stretches: string[] = [];
  let after = 0;
  for (const { from, to } of spans) {
    if (from >= after) stretches.push(folded.slice(after, from));
    after = Math.max(after, to);
  }
  return [...stretches, folded.slice(after)];
}

function sourcedQuotations(document: Node): readonly { readonly from: number; readonly to: number }[] {
  const found: { from: number; to: number }[] = [];
  document.descendants((node, from) => {
    if (node.type.name === 'blockquote' && hasSource(node)) found.push({ from, to: from + node.nodeSize });
  });
  return found;
}

/** The words of a text as they are compared. */
function comparable(text: string): readonly string[] {
  return wordsOf(fold(text)).map((word) => word.replace(/[\p{P}\p{S}]/gu, ''));
}

function rowsIn(words: readonly string[]): ReadonlySet<string> {
  const rows = new Set<string>();
  for (let at = 0; at + ROW <= words.length; at += 1) rows.add(keyOf(words.slice(at, at + ROW)));
  return rows;
}

function keyOf(words: readonly string[]): string {
  return words.join(' ');
}

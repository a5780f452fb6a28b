import type { Node } from 'prosemirror-model';
import { wordsIn, ROW, type OtherText } from './comparable';
import { ownRows, type Given } from './ownRows';
import { RowIndex } from './rowIndex';

/** What of a post is alike with other texts. */
export interface Likeness {
  /** Words that are the writer's to answer for. */
  readonly words: number;
  /** Those of them that stand in rows which another text has too. */
  readonly alike: number;
  /** The blocks in which such rows stand, each once, and the other text. */
  readonly passages: readonly { readonly from: number; readonly to: number; readonly other: string }[];
}

interface Compared extends Given {
  /** Classmates' posts and given sources. */
  readonly others: readonly OtherText[];
}

/**
 * Which words of a post stand, at least eight in a row, in one other text: case folded, without punctuation, across
 * blocks. What everybody was given (starters, outline headings) and quotations with a source break a row and count as
 * nobody's.
 */
export function likeness(document: Node, { others, ...given }: Compared): Likeness {
  const rows = ownRows(document, given);
  const index = new RowIndex(rows.map((row) => row.map(({ word }) => word)));
  const marked = rows.map((row) => row.map(() => false));
  const passages = new Map<string, { from: number; to: number; other: string }>();
  for (const other of others)
    index.meet(wordsIn(other), 1, (_, here) => {
      for (const { list, at } of here)
        for (let word = at; word < at + ROW; word += 1) {
          marked[list]![word] = true;
          const { from, to } = rows[list]![word]!;
          passages.set(`${from} ${other.id}`, { from, to, other: other.id });
        }
    });
  return {
    words: rows.reduce((sum, row) => sum + row.length, 0),
    alike: marked.flat().filter(Boolean).length,
    passages: [...passages.values()],
  };
}

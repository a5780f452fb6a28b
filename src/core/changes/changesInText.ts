import { linesOf } from '../document/plainText';
import type { Passage } from '../notes/passage';
import { textOf, type BlockChange } from './blocks';
import { countChanged, type WordChange } from './words';

/** What changed, by where it stands in the plain text of the later version, in UTF-16 units. */
export interface ChangesInText {
  /** Words that are new. */
  readonly added: readonly Passage[];
  /** Words that are gone. */
  readonly removed: readonly WordsGone[];
  /** Each block in which something changed. */
  readonly places: readonly ChangedPlace[];
}

export interface WordsGone {
  /** Where they stood: for a whole block, where the one after it begins, which is after the text for the last. */
  readonly at: number;
  readonly text: string;
  /** Whether they were a block of their own. */
  readonly block: boolean;
}

/** A block in which something changed: from its first change to the end of its last. */
export interface ChangedPlace extends Passage {
  /** Words that are new, and that are gone. */
  readonly added: number;
  readonly removed: number;
  readonly moved: boolean;
  /** Whether it is a picture, whatever changed in its words. */
  readonly picture: boolean;
}

/** Tells in the later text what became of the blocks: see `blockChanges`. */
export function changesInText(blocks: readonly BlockChange[]): ChangesInText {
  const added: Passage[] = [];
  const removed: WordsGone[] = [];
  const places: ChangedPlace[] = [];
  let at = 0;
  for (const block of blocks) {
    const lines = block.kind === 'removed' ? [] : linesOf(block.after);
    const text = lines.join('\n');
    // Words are compared without the white space around them.
    const first = at + text.length - text.trimStart().length;
    const words = wordsOf(block);
    if (block.kind !== 'same') {
      const told = walk(words, first);
      added.push(...told.added);
      removed.push(...told.removed.map((gone) => ({ ...gone, block: block.kind === 'removed' })));
      const node = block.kind === 'removed' ? block.before : block.after;
      places.push({
        from: told.from ?? first,
        to: told.to ?? first,
        ...countChanged(words),
        moved: block.kind === 'moved' || (block.kind === 'changed' && block.moved),
        picture: node.type.name === 'picture' || node.type.name === 'pictureRow',
      });
    }
    if (lines.length > 0) at += text.length + 1;
  }
  return { added, removed, places };
}

function wordsOf(block: BlockChange): readonly WordChange[] {
  switch (block.kind) {
    case 'same':
      return [];
    case 'moved':
      return [{ kind: 'same', text: textOf(block.after) }];
    case 'added':
      return [{ kind: 'added', text: textOf(block.after) }];
    case 'removed':
      return [{ kind: 'removed', text: textOf(block.before) }];
    case 'changed':
      return block.words;
  }
}

function walk(words: readonly WordChange[], first: number) {
  const added: Passage[] = [];
  const removed: { at: number; text: string }[] = [];
  let at = first;
  let from: number | null = null;
  let to: number | null = null;
  for (const { kind, text } of words) {
    const end = kind === 'removed' ? at : at + text.length;
    if (kind === 'added' && text !== '') added.push({ from: at, to: end });
    if (kind === 'removed' && text !== '') removed.push({ at, text });
    if (kind !== 'same') {
      from ??= at;
      to = end;
    }
    at = end;
  }
  return { added, removed, from, to };
}

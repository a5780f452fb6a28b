import type { Node } from 'prosemirror-model';
import type { Beside } from '../posts/beside';
import { blockChanges, textOf, type BlockChange } from './blocks';
import { countChanged, wordChanges, type WordChange } from './words';

/** A writing as it stood at one moment. */
export interface Snapshot {
  readonly title: string;
  readonly labels: readonly string[];
  readonly beside: Beside;
  readonly body: Node;
}

export interface Changes {
  readonly title: readonly WordChange[];
  readonly subtitle: readonly WordChange[];
  readonly teaser: readonly WordChange[];
  readonly labels: { readonly added: readonly string[]; readonly removed: readonly string[] };
  /** Whether another picture stands for the post. */
  readonly cover: boolean;
  readonly blocks: readonly BlockChange[];
  /** Words of the body that are new, and that are gone. */
  readonly words: { readonly added: number; readonly removed: number };
  /** Whether anything differs at all. */
  readonly any: boolean;
}

/** What changed from one snapshot of a post to another. */
export function changesBetween(before: Snapshot, after: Snapshot): Changes {
  const blocks = blockChanges(before.body, after.body);
  const title = wordChanges(before.title, after.title);
  const subtitle = wordChanges(before.beside.subtitle, after.beside.subtitle);
  const teaser = wordChanges(before.beside.teaser, after.beside.teaser);
  const labels = {
    added: after.labels.filter((label) => !before.labels.includes(label)),
    removed: before.labels.filter((label) => !after.labels.includes(label)),
  };
  const cover = before.beside.cover?.src !== after.beside.cover?.src;
  const differs = (changes: readonly WordChange[]) => changes.some((change) => change.kind !== 'same');
  return {
    title,
    subtitle,
    teaser,
    labels,
    cover,
    blocks,
    words: countBlocks(blocks),
    any:
      [title, subtitle, teaser].some(differs) ||
      labels.added.length + labels.removed.length > 0 ||
      cover ||
      blocks.some((block) => block.kind !== 'same'),
  };
}

function countBlocks(blocks: readonly BlockChange[]): { readonly added: number; readonly removed: number } {
  let [added, removed] = [0, 0];
  for (const block of blocks) {
    const counted = countChanged(wordsOf(block));
    added += counted.added;
    removed += counted.removed;
  }
  return { added, removed };
}

/** What happened to the words of a block. */
function wordsOf(block: BlockChange): readonly WordChange[] {
  if (block.kind === 'changed') return block.words;
  if (block.kind === 'added') return [{ kind: 'added', text: textOf(block.after) }];
  return block.kind === 'removed' ? [{ kind: 'removed', text: textOf(block.before) }] : [];
}

import type { Node } from 'prosemirror-model';
import { documentSchema } from '../document/schema';
import type { BlockChange } from './blocks';

/** Which side of a difference is kept: what stood before, what stands after, both one after the other, or neither. */
export type Kept = 'before' | 'after' | 'both' | 'neither';

/** What is kept of a difference unless somebody says otherwise: nothing that anybody wrote goes by itself. */
export function keptAtFirst(change: BlockChange): Kept {
  if (change.kind === 'removed') return 'before';
  return change.kind === 'changed' ? 'both' : 'after';
}

/**
 * One document out of two versions.
 * @param kept by the index of the change; those that are not named are kept as at first
 */
export function merge(changes: readonly BlockChange[], kept: ReadonlyMap<number, Kept>): Node {
  const blocks = changes.flatMap((change, index) => chosen(change, kept.get(index) ?? keptAtFirst(change)));
  return documentSchema.node('doc', null, blocks.length ? blocks : [documentSchema.node('paragraph')]);
}

function chosen(change: BlockChange, kept: Kept): readonly Node[] {
  const before = 'before' in change ? [change.before] : [];
  const after = 'after' in change ? [change.after] : [];
  if (change.kind === 'same' || change.kind === 'moved') return after;
  if (kept === 'both') return [...before, ...after];
  if (kept === 'neither') return [];
  return kept === 'before' ? before : after;
}

import type { Node } from 'prosemirror-model';
import { documentSchema } from '../document/schema';
import type { BlockChange } from './blocks';

/** Which side of a difference is kept: what stood before, what stands after, both one after the other, or neither. */
export type Kept = 'before' | 'after' | 'both' | 'neither';

/** What is kept of a difference unless somebody says otherwise: nothing that anybody wrote goes by itself. */
function keptAtFirst(change: BlockChange): Kept {
  if (change.kind === 'removed') return 'before';
  return change.kind === 'changed' ? 'both' : 'after';
}

/** What of two versions is settled by the one that both came from, by the index of the change, and what only a person can settle. */
export interface Settled {
  readonly kept: ReadonlyMap<number, Kept>;
  readonly conflicts: ReadonlySet<number>;
}

/**
 * Settles differences by what both versions came from: what changed on one side only is taken from there, once. Where both changed a
 * block, or nothing is known of what they came from, a person decides.
 * @param base what both versions were written on; null where that is not known
 */
export function settle(changes: readonly BlockChange[], base: Node | null): Settled {
  const kept = new Map<number, Kept>();
  const conflicts = new Set<number>();
  const counts = base && {
    was: counted(base.children),
    before: counted(changes.flatMap((change) => ('before' in change ? [change.before] : []))),
    after: counted(changes.flatMap((change) => ('after' in change ? [change.after] : []))),
  };
  changes.forEach((change, index) => {
    if (change.kind === 'same' || change.kind === 'moved') return;
    const side = counts ? sideOf(change, counts) : null;
    if (side) kept.set(index, side);
    else conflicts.add(index);
  });
  return { kept, conflicts };
}

/** How often each block stands in a version. */
type Counts = ReadonlyMap<string, number>;

function counted(blocks: readonly Node[]): Counts {
  const counts = new Map<string, number>();
  for (const block of blocks) counts.set(keyOf(block), (counts.get(keyOf(block)) ?? 0) + 1);
  return counts;
}

const keyOf = (block: Node) => JSON.stringify(block);

/** Which side of a difference was written; null where both were. What one side took out stays out, unless the other wrote it. */
function sideOf(
  change: Exclude<BlockChange, { readonly kind: 'same' | 'moved' }>,
  { was, before, after }: { readonly was: Counts; readonly before: Counts; readonly after: Counts },
): Kept | null {
  const isGone = (block: Node, side: Counts) => (side.get(keyOf(block)) ?? 0) < (was.get(keyOf(block)) ?? 0);
  if (change.kind === 'removed') return isGone(change.before, after) ? 'neither' : 'before';
  if (change.kind === 'added') return isGone(change.after, before) ? 'neither' : 'after';
  if (was.has(keyOf(change.before))) return 'after';
  if (was.has(keyOf(change.after))) return 'before';
  // Two new blocks that are alike are two additions, unless something of what both came from was rewritten on both sides.
  const rewritten = [...was].some(
    ([key, often]) => (before.get(key) ?? 0) < often && (after.get(key) ?? 0) < often,
  );
  return rewritten ? null : 'both';
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

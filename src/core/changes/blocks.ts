import { diffArrays } from 'diff';
import type { Node } from 'prosemirror-model';
import { linesOf } from '../document/plainText';
import { likeness, likenessOf, sharedWords, wordChanges, type WordChange } from './words';

/** What became of one block of a document. */
export type BlockChange =
  | { readonly kind: 'same'; readonly before: Node; readonly after: Node }
  | { readonly kind: 'added'; readonly after: Node }
  | { readonly kind: 'removed'; readonly before: Node }
  | {
      readonly kind: 'changed';
      readonly before: Node;
      readonly after: Node;
      readonly moved: boolean;
      readonly words: readonly WordChange[];
    }
  /** The same block at another place; where it went away from is not told again. */
  | { readonly kind: 'moved'; readonly before: Node; readonly after: Node };

/** From this likeness on, two blocks of one kind are one block that was rewritten. */
const ALIKE = 0.5;

/** Bounds after which a comparison is told more coarsely: blocks that differ, and pairs of blocks that are compared. */
const MOST_EDITS = 1000;
const MOST_PAIRS = 100_000;

/**
 * What became of each block from one document to another, in the order of the later one; removed blocks stand where
 * they were. Blocks that are equal are matched first, then those that stand somewhere else now, then those that were
 * rewritten, within the same gap or, moved, anywhere.
 */
export function blockChanges(before: Node, after: Node): readonly BlockChange[] {
  const old = blocksOf(before);
  const young = blocksOf(after);
  const pairs = new Pairs(old, young);
  pairs.matchInOrder();
  pairs.matchMoved();
  pairs.matchRewritten();
  return pairs.told();
}

interface Block {
  readonly node: Node;
  readonly key: string;
  readonly text: string;
}

function blocksOf(document: Node): readonly Block[] {
  return document.children.map((node) => ({ node, key: JSON.stringify(node.toJSON()), text: textOf(node) }));
}

/** All text within a block, a line for each block inside it. */
export function textOf(node: Node): string {
  return linesOf(node).join('\n').trim();
}

/** Which old block became which young one. */
class Pairs {
  private readonly oldOf = new Map<number, { readonly old: number; readonly moved: boolean }>();
  private readonly taken = new Set<number>();

  constructor(
    private readonly old: readonly Block[],
    private readonly young: readonly Block[],
  ) {}

  matchInOrder(): void {
    const parts = diffArrays(
      this.old.map((block) => block.key),
      this.young.map((block) => block.key),
      { maxEditLength: MOST_EDITS },
    );
    if (!parts) return this.matchEnds();
    let [from, to] = [0, 0];
    for (const part of parts) {
      const count = part.value.length;
      if (!part.added && !part.removed)
        for (let step = 0; step < count; step += 1) this.pair(from + step, to + step, false);
      if (!part.added) from += count;
      if (!part.removed) to += count;
    }
  }

  /** Where little is the same: what both begin with, and end with. */
  private matchEnds(): void {
    const shortest = Math.min(this.old.length, this.young.length);
    const same = (old: number, young: number) => this.old[old]!.key === this.young[young]!.key;
    let begin = 0;
    for (; begin < shortest && same(begin, begin); begin += 1) this.pair(begin, begin, false);
    for (let end = 1; end <= shortest - begin; end += 1) {
      const [old, young] = [this.old.length - end, this.young.length - end];
      if (!same(old, young)) return;
      this.pair(old, young, false);
    }
  }

  matchMoved(): void {
    const places = new Map<string, number[]>();
    for (const index of this.openOld()) {
      const { key, text } = this.old[index]!;
      // An empty paragraph is nothing that anybody moves.
      if (text !== '' || this.old[index]!.node.type.name !== 'paragraph')
        places.set(key, [...(places.get(key) ?? []), index]);
    }
    for (const index of this.openYoung()) {
      const from = places.get(this.young[index]!.key)?.shift();
      if (from !== undefined) this.pair(from, index, true);
    }
  }

  matchRewritten(): void {
    // Each with each: where that would be too many, what was rewritten is told as gone and new.
    if (this.openYoung().length * this.openOld().length > MOST_PAIRS) return;
    for (const index of this.openYoung()) {
      const [low, high] = this.gapAround(index);
      const within = this.best(index, (old) => old > low && old < high, grownAlike);
      if (within !== null) this.pair(within, index, false);
    }
    for (const index of this.openYoung()) {
      const anywhere = this.best(index, () => true, likeness);
      if (anywhere !== null) this.pair(anywhere, index, true);
    }
  }

  told(): readonly BlockChange[] {
    const changes: BlockChange[] = [];
    let next = 0;
    const tellRemovedUpTo = (end: number) => {
      for (; next < end; next += 1)
        if (!this.taken.has(next)) changes.push({ kind: 'removed', before: this.old[next]!.node });
    };
    for (const [index, { node: after, key, text }] of this.young.entries()) {
      const pair = this.oldOf.get(index);
      if (!pair) {
        changes.push({ kind: 'added', after });
        continue;
      }
      const { node: before, key: oldKey, text: oldText } = this.old[pair.old]!;
      if (!pair.moved) {
        tellRemovedUpTo(pair.old);
        next = Math.max(next, pair.old + 1);
      }
      if (key !== oldKey)
        changes.push({
          kind: 'changed',
          before,
          after,
          moved: pair.moved,
          words: wordChanges(oldText, text),
        });
      else changes.push({ kind: pair.moved ? 'moved' : 'same', before, after });
    }
    tellRemovedUpTo(this.old.length);
    return changes;
  }

  private pair(old: number, young: number, moved: boolean): void {
    this.taken.add(old);
    this.oldOf.set(young, { old, moved });
  }

  private openOld(): number[] {
    return [...this.old.keys()].filter((index) => !this.taken.has(index));
  }

  private openYoung(): number[] {
    return [...this.young.keys()].filter((index) => !this.oldOf.has(index));
  }

  /** The old blocks between which a young one stands, by those around it that stayed where they were. */
  private gapAround(index: number): readonly [number, number] {
    const stayed = (at: number) => {
      const pair = this.oldOf.get(at);
      return pair && !pair.moved ? pair.old : null;
    };
    let low = -1;
    for (let at = index - 1; at >= 0 && low < 0; at -= 1) low = stayed(at) ?? -1;
    let high = this.old.length;
    for (let at = index + 1; at < this.young.length; at += 1) {
      const old = stayed(at);
      if (old === null) continue;
      high = old;
      break;
    }
    return [low, high];
  }

  private best(
    index: number,
    allowed: (old: number) => boolean,
    alikeness: (one: string, other: string) => number,
  ): number | null {
    const { node, text } = this.young[index]!;
    let best: { readonly old: number; readonly likeness: number } | null = null;
    for (const old of this.openOld()) {
      const other = this.old[old]!;
      if (!allowed(old) || other.node.type.name !== node.type.name) continue;
      const alike = isSameThing(node, other.node)
        ? 1
        : text === '' || other.text === ''
          ? 0
          : alikeness(text, other.text);
      if (alike >= ALIKE && alike > (best?.likeness ?? 0)) best = { old, likeness: alike };
    }
    return best?.old ?? null;
  }
}

/** Fewer words of one text in another are no sign that it became that one. */
const FEWEST_KEPT = 5;

/** How alike two texts at the same place are: also as much as most of the shorter one stands in the longer, which grew out of it. */
function grownAlike(one: string, other: string): number {
  const both = sharedWords(one, other);
  return Math.max(likenessOf(both), both.shared >= FEWEST_KEPT ? both.shared / both.shorter : 0);
}

/** One picture, video or shared document is the same whatever stands around it. */
function isSameThing(one: Node, other: Node): boolean {
  const source = (node: Node) => String(node.attrs['src'] ?? node.attrs['address'] ?? '');
  return source(one) !== '' && source(one) === source(other);
}

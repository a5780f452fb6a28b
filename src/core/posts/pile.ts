/** How the posts of a reading pile are put in order. */
export const ARRANGEMENTS = ['assignment', 'oldest', 'class', 'second'] as const;
export type Arrangement = (typeof ARRANGEMENTS)[number];

/** What of a post decides where it lies on the pile. */
export interface OnPile {
  readonly postId: string;
  /** The assignment's title: what is given to several classes is read together. */
  readonly assignment: string;
  readonly classId: string;
  /** Since when it waits, in milliseconds since 1970. */
  readonly waitsSince: number;
  /** The how-many-th hand-in it is, from 1. */
  readonly ordinal: number;
}

/** What keeps posts together on the pile; posts of one part lie beside each other. */
function partOf(post: OnPile, by: Arrangement): string {
  switch (by) {
    case 'assignment':
      return post.assignment;
    case 'class':
      return post.classId;
    case 'second':
      return post.ordinal > 1 ? 'again' : 'first';
    case 'oldest':
      return '';
  }
}

/**
 * A pile in order, part by part: in each the one that has waited longest comes first, and the part whose oldest has waited longest;
 * what comes for the second time and more comes before all others where that is asked for.
 */
export function arrangePile<Post extends OnPile>(
  posts: readonly Post[],
  by: Arrangement,
): readonly (readonly Post[])[] {
  const parts = new Map<string, Post[]>();
  // The first of a part is its oldest, so parts come in the order of those.
  for (const post of posts.toSorted(byAge)) {
    const part = partOf(post, by);
    parts.set(part, [...(parts.get(part) ?? []), post]);
  }
  const all = [...parts.values()];
  return by === 'second' ? all.toSorted((one, other) => again(other) - again(one)) : all;
}

function byAge(one: OnPile, other: OnPile): number {
  return one.waitsSince - other.waitsSince || (one.postId < other.postId ? -1 : 1);
}

function again([first]: readonly OnPile[]): number {
  return first && first.ordinal > 1 ? 1 : 0;
}

/**
 * Which post is read after one of the pile: the first after it that nobody else is at, round to those before it, else the first
 * that is not this one.
 * @param here the post that is read; it may have left the pile
 */
export function nextOnPile(
  pile: readonly { readonly postId: string; readonly takenBy: unknown; readonly openWith: unknown }[],
  here: string,
): string | null {
  const at = pile.findIndex(({ postId }) => postId === here);
  const others = [...pile.slice(at + 1), ...pile.slice(0, Math.max(0, at))];
  const free = others.find(({ takenBy, openWith }) => takenBy === null && openWith === null);
  return (free ?? others[0])?.postId ?? null;
}

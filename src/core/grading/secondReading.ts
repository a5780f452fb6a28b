/** Which posts of an assignment are read a second time. */
export type SecondChoice =
  | { readonly kind: 'all' }
  /** So many, drawn by lot. */
  | { readonly kind: 'sample'; readonly count: number }
  /** Those whose figure lies within so many points of one of some borders, in points of the grade. */
  | { readonly kind: 'border'; readonly borders: readonly number[]; readonly within: number };

/** A post that can be read a second time. */
export interface Candidate {
  readonly postId: string;
  /** The first figure; null while it is not judged to the end. */
  readonly figure: number | null;
}

/**
 * The posts that a choice means, in the order in which they were given.
 * @param random a whole number from 0 up to and without `below`
 */
export function chosenForSecond(
  candidates: readonly Candidate[],
  choice: SecondChoice,
  random: (below: number) => number,
): readonly string[] {
  const ids = candidates.map(({ postId }) => postId);
  switch (choice.kind) {
    case 'all':
      return ids;
    case 'sample': {
      const drawn = new Set(drawnFrom(ids, choice.count, random));
      return ids.filter((id) => drawn.has(id));
    }
    case 'border':
      return candidates.filter((one) => isNearBorder(one, choice)).map(({ postId }) => postId);
  }
}

function isNearBorder(
  { figure }: Candidate,
  { borders, within }: Extract<SecondChoice, { kind: 'border' }>,
): boolean {
  return figure !== null && borders.some((border) => Math.abs(figure - border) <= within);
}

/** Some of many, each as likely as any other: the beginning of a shuffle. */
function drawnFrom<Of>(many: readonly Of[], count: number, random: (below: number) => number): readonly Of[] {
  const left = [...many];
  const drawn: Of[] = [];
  while (drawn.length < count && left.length > 0) drawn.push(...left.splice(random(left.length), 1));
  return drawn;
}

/**
 * How a post that is read twice stands: the second reader is not done; the first is not; both gave the same figure, which stands; they
 * are apart and the figure is to be set; it was set.
 */
export type SecondState = 'secondOpen' | 'firstOpen' | 'same' | 'apart' | 'settled';

export interface ReadTwice {
  /** Whether the second reader said that they are done. */
  readonly done: boolean;
  /** The figures of both, as far as they are judged to the end. */
  readonly first: number | null;
  readonly second: number | null;
  /** Whether the figure was set. */
  readonly settled: boolean;
}

export function secondState({ done, first, second, settled }: ReadTwice): SecondState {
  if (settled) return 'settled';
  if (!done || second === null) return 'secondOpen';
  if (first === null) return 'firstOpen';
  return first === second ? 'same' : 'apart';
}

/** Whether both have judged, so that each may see what the other gave. */
export function bothIn(state: SecondState): boolean {
  return state === 'same' || state === 'apart' || state === 'settled';
}

/** Whether a grade may be given back: both figures are in, and where they are apart one was set. */
export function isSettledTwice(state: SecondState): boolean {
  return state === 'same' || state === 'settled';
}

/** Those that both have judged first, the largest difference before the smaller; the others as they were. */
export function largestFirst<Row extends { readonly difference: number | null }>(
  rows: readonly Row[],
): readonly Row[] {
  const rank = ({ difference }: Row) => (difference === null ? -1 : Math.abs(difference));
  return rows.toSorted((one, another) => rank(another) - rank(one));
}

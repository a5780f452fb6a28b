/** Two people, in either order. */
export type Pair = readonly [string, string];

export interface Drawing {
  /** Everybody who has something to show, each once. */
  readonly people: readonly string[];
  /** How many read each other where it comes out even. */
  readonly size: 2 | 3;
  /** Who is never in one group. */
  readonly apart: readonly Pair[];
  /** Who read each other the last time. */
  readonly before: readonly Pair[];
}

export interface Drawn {
  readonly groups: readonly (readonly string[])[];
  /** Who could be put with nobody from whom they are not kept apart. */
  readonly alone: readonly string[];
  /** Pairs of the last time that are together again because there was no other way. */
  readonly again: readonly Pair[];
}

/** A pair that is kept apart weighs more than all pairs of a class that were together before. */
const APART = 1_000_000;
/** So often it is begun anew from another order. */
const TRIES = 12;

/**
 * Draws who reads whom, by lot and by nothing else. Nobody is left over: one too many makes a pair three, or three and one too many
 * two pairs. Who is kept apart never reads each other; who read each other the last time does so again only where no other way is
 * found.
 * @param random as `Math.random`
 */
export function drawGroups({ people, size, apart, before }: Drawing, random: () => number): Drawn {
  const weight = weighing(apart, before);
  let best: Seats | null = null;
  for (let turn = 0; turn < TRIES && best?.cost !== 0; turn += 1) {
    const seats = settled(seat(shuffled(people, random), size), weight);
    if (!best || seats.cost < best.cost) best = seats;
  }
  return takenApart(best?.groups ?? [], weight);
}

/**
 * The group that somebody joins who comes later: the smallest one with nobody from whom they are kept apart, and of those one with
 * as few as possible of the last time.
 * @returns its index, or null where there is none
 */
export function groupToJoin(
  groups: readonly (readonly string[])[],
  person: string,
  { apart, before }: Pick<Drawing, 'apart' | 'before'>,
): number | null {
  const weight = weighing(apart, before);
  const costs = groups.map((group) => group.reduce((sum, one) => sum + weight(one, person), 0));
  const possible = groups.flatMap((group, at) =>
    group.length > 0 && costs[at]! < APART ? [{ at, size: group.length, cost: costs[at]! }] : [],
  );
  possible.sort((one, another) => one.size - another.size || one.cost - another.cost || one.at - another.at);
  return possible[0]?.at ?? null;
}

/** Everybody of some groups with everybody else of theirs. */
export function pairsOf(groups: readonly (readonly string[])[]): readonly Pair[] {
  return groups.flatMap((group) =>
    group.flatMap((one, at) => group.slice(at + 1).map((another) => [one, another] as const)),
  );
}

/** What stands for two people, in either order. */
export function pairKey([one, another]: Pair): string {
  return one < another ? `${one} ${another}` : `${another} ${one}`;
}

type Weight = (one: string, another: string) => number;

function weighing(apart: readonly Pair[], before: readonly Pair[]): Weight {
  const weights = new Map(before.map((pair) => [pairKey(pair), 1]));
  for (const pair of apart) weights.set(pairKey(pair), APART);
  return (one, another) => weights.get(pairKey([one, another])) ?? 0;
}

interface Seats {
  readonly groups: readonly string[][];
  readonly cost: number;
}

/** How large the groups are: as wished, and what is over joins or makes pairs. */
function sizesFor(count: number, size: 2 | 3): readonly number[] {
  if (count === 0) return [];
  if (count < size) return [count];
  const full = Math.floor(count / size);
  const over = count % size;
  const all = (groups: number) => Array.from({ length: groups }, () => size as number);
  if (over === 0) return all(full);
  if (size === 2) return [...all(full - 1), 3];
  return over === 2 ? [...all(full), 2] : [...all(full - 1), 2, 2];
}

function seat(people: readonly string[], size: 2 | 3): string[][] {
  let next = 0;
  return sizesFor(people.length, size).map((many) => people.slice(next, (next += many)));
}

/** Lets two change places as long as that makes it better. */
function settled(groups: string[][], weight: Weight): Seats {
  const costIn = (group: readonly string[], person: string, without: string | null = null) =>
    group.reduce((sum, one) => (one === person || one === without ? sum : sum + weight(one, person)), 0);
  let better = true;
  while (better) {
    better = false;
    for (const group of groups)
      for (const [place, person] of group.entries()) {
        const now = costIn(group, person);
        if (now === 0) continue;
        const change = bestChange(groups, { group, person, now }, costIn);
        if (!change) continue;
        group[place] = change.other;
        change.into[change.place] = person;
        better = true;
        break;
      }
  }
  const cost = pairsOf(groups).reduce((sum, [one, another]) => sum + weight(one, another), 0);
  return { groups, cost };
}

interface Standing {
  readonly group: readonly string[];
  readonly person: string;
  /** What it costs that they are there. */
  readonly now: number;
}

/** With whom somebody changes places best; null where with nobody it gets better. */
function bestChange(
  groups: readonly string[][],
  { group, person, now }: Standing,
  costIn: (group: readonly string[], person: string, without?: string | null) => number,
) {
  let best: { readonly into: string[]; readonly place: number; readonly other: string } | null = null;
  let least = 0;
  for (const into of groups) {
    if (into === group) continue;
    for (const [place, other] of into.entries()) {
      const gain = costIn(into, person, other) + costIn(group, other, person) - now - costIn(into, other);
      if (gain < least) {
        least = gain;
        best = { into, place, other };
      }
    }
  }
  return best;
}

/** Takes apart who is still with somebody from whom they are kept apart, and puts them where they can be. */
function takenApart(groups: readonly (readonly string[])[], weight: Weight): Drawn {
  const kept: string[][] = groups.map(() => []);
  const out: string[] = [];
  const fits = (group: readonly string[], person: string) =>
    group.every((one) => weight(one, person) < APART);
  for (const [at, group] of groups.entries())
    for (const person of group) (fits(kept[at]!, person) ? kept[at]! : out).push(person);
  // Who is left with nobody is put elsewhere too.
  for (const group of kept) if (group.length === 1) out.push(...group.splice(0));
  const alone: string[] = [];
  for (const person of out) {
    const [smallest] = kept
      .filter((group) => group.length > 0 && fits(group, person))
      .toSorted((one, another) => one.length - another.length);
    const partner = smallest ? undefined : alone.find((one) => weight(one, person) < APART);
    if (smallest) smallest.push(person);
    else if (partner === undefined) alone.push(person);
    else {
      alone.splice(alone.indexOf(partner), 1);
      kept.push([partner, person]);
    }
  }
  const made = kept.filter((group) => group.length > 0);
  const again = pairsOf(made).filter(([one, another]) => weight(one, another) > 0);
  return { groups: made, alone, again };
}

function shuffled(people: readonly string[], random: () => number): string[] {
  const order = [...people];
  for (let at = order.length - 1; at > 0; at -= 1) {
    const other = Math.floor(random() * (at + 1));
    [order[at], order[other]] = [order[other]!, order[at]!];
  }
  return order;
}

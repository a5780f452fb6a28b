/** One of the things that a requirement asks for. A requirement's share is the mean of its conditions' shares. */
export interface Condition {
  /** How far it is fulfilled by what is known, 0 to 1, not rounded. */
  readonly share: number;
  /** The share if everything that is not known yet turned out well; equal to `share` where all is known. */
  readonly best: number;
  /** Whether a maximum is exceeded. */
  readonly over: boolean;
}

/** A condition about which nothing is known yet: it may still turn out well. */
export const NOT_KNOWN: Condition = { share: 0, best: 1, over: false };

export interface Limits {
  readonly min?: number;
  readonly max?: number;
}

/** A condition about which everything is known. */
export function known(share: number, over = false): Condition {
  return { share, best: share, over };
}

/**
 * `min` and `max` as one condition: measured ÷ min below, max ÷ measured above, else 1; the smaller where both fail.
 * @param counting how many count toward `min`; `best` how many could still come to count
 * @param all how many there are, which `max` limits
 * @param tolerance per cent of either limit that is forgiven
 */
export function withinLimits(
  { min, max }: Limits,
  counting: number,
  {
    all = counting,
    best = counting,
    tolerance = 0,
  }: { all?: number; best?: number; tolerance?: number } = {},
): Condition {
  // Multiplied first: whole limits stay whole numbers, which binary fractions of a per cent would not.
  const over = max !== undefined && all > (max * (100 + tolerance)) / 100;
  const above = over ? max / all : 1;
  const least = min === undefined ? null : { min, forgiven: (min * (100 - tolerance)) / 100 };
  return {
    share: Math.min(enough(least, counting), above),
    best: Math.min(enough(least, best), above),
    over,
  };
}

/** How far a minimum is reached. */
function enough(least: { readonly min: number; readonly forgiven: number } | null, count: number): number {
  // A reading age can lie below nought.
  return least && count < least.forgiven ? Math.max(0, count / least.min) : 1;
}

/** Those that fulfil what is asked of each ÷ all of them; nothing there fulfils nothing. */
export function ofEach(counting: number, all: number, best = counting): Condition {
  return all === 0 ? known(0) : { share: counting / all, best: best / all, over: false };
}

/** A share like that of a minimum: measured ÷ min up to 1. */
export function atLeast(min: number, counting: number, best = counting): Condition {
  return withinLimits({ min }, counting, { best });
}

/** The message where nothing is there: whether that is missing, or nothing has to be there. */
export function messageOfNothing(conditions: readonly Condition[]): 'none' | 'notNeeded' {
  return conditions.every(({ share }) => share === 1) ? 'notNeeded' : 'none';
}

/** The limits that are set, as a target to be shown. */
export function targetOf(settings: Limits): Limits {
  return {
    ...(settings.min === undefined ? {} : { min: settings.min }),
    ...(settings.max === undefined ? {} : { max: settings.max }),
  };
}

import { addDays, weekday } from '../timing/zonedTime';

/** A month as it stands in an address, `2026-11`, with its first day and that of the next one, as local dates. */
export interface Month {
  readonly month: string;
  readonly from: string;
  readonly until: string;
}

/** The month of a text such as `2026-11`; null for what is none. */
export function maybeMonth(text: string): Month | null {
  return /^[0-9]{4}-(?:0[1-9]|1[0-2])$/.test(text) && text >= '1970-01' ? monthOf(`${text}-01`) : null;
}

/** The month that a day is in. */
export function monthOf(day: string): Month {
  const month = day.slice(0, 7);
  const from = `${month}-01`;
  // Thirty-one days on is in the next month, whichever this is.
  return { month, from, until: `${addDays(from, 31).slice(0, 7)}-01` };
}

/**
 * The months from one day to another, in their order and no more than so many of the latest, each with the days on which a part of
 * it begins: its first, and every Monday.
 */
export function monthsUpTo(
  first: string,
  last: string,
  most: number,
): readonly (Month & { readonly parts: readonly string[] })[] {
  const months = [];
  for (let day = last; months.length < most && day >= first.slice(0, 7);) {
    const month = monthOf(day);
    months.unshift({ ...month, parts: partsOf(month) });
    day = addDays(month.from, -1);
  }
  return months;
}

function partsOf({ from, until }: Month): readonly string[] {
  const parts = [from];
  for (let day = addDays(from, 8 - weekday(from)); day < until; day = addDays(day, 7)) parts.push(day);
  return parts;
}

/** At most so many pickets stand beside each other in a part of a month. */
const MOST_PICKETS = 6;

/** How many posts a picket stands for, so that none of these parts has more of them than there is room for. */
export function postsPerPicket(counts: readonly number[]): number {
  return Math.max(1, Math.ceil(Math.max(0, ...counts) / MOST_PICKETS));
}

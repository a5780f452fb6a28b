import { groupedBy } from '../groupedBy';
import { daysBetween } from '../timing/inWords';
import { addDays, weekday } from '../timing/zonedTime';
import { NOTHING_MOVED, type WordsMoved } from './countSave';

/** A stretch of writing without a pause of half an hour, and the local date on which it began. */
export interface Sitting extends WordsMoved {
  readonly day: string;
}

/** Some days of a post side by side, as they are drawn. */
export type Column =
  /** A day, a week from Monday or a month, by its first date. Of a day each sitting stands by itself; else all of them as one. */
  | {
      readonly kind: 'day' | 'week' | 'month';
      readonly date: string;
      readonly sittings: number;
      readonly groups: readonly WordsMoved[];
    }
  /** Days without writing that are not drawn one by one. */
  | { readonly kind: 'gap'; readonly days: number };

/** So many columns are drawn at most while days or weeks are drawn. */
const MOST_COLUMNS = 14;
/** As many days without writing, or more, are one gap. */
const GAP = 4;

/**
 * The days of a post from the first sitting to the last, in the finest parts that can be drawn: days, where long pauses are gaps, else
 * weeks, else months.
 * @param sittings in their order; words that were put back in the sitting in which they were taken are not among them: see `netted`
 */
export function columnsOf(sittings: readonly Sitting[]): readonly Column[] {
  const days = withGaps(sittings);
  if (countGroups(days) <= MOST_COLUMNS) return days;
  const weeks = together(sittings, 'week', mondayOf);
  return weeks.length <= MOST_COLUMNS ? weeks : together(sittings, 'month', (day) => `${day.slice(0, 7)}-01`);
}

/** Words that were taken out and put back within a sitting neither came nor went. */
export function netted(moved: WordsMoved): WordsMoved {
  const both = Math.min(moved.back, moved.removed);
  return { ...moved, back: moved.back - both, removed: moved.removed - both };
}

export function sumOf(all: readonly WordsMoved[]): WordsMoved {
  return all.reduce(
    (sum, one) => ({
      written: sum.written + one.written,
      pasted: sum.pasted + one.pasted,
      back: sum.back + one.back,
      removed: sum.removed + one.removed,
    }),
    NOTHING_MOVED,
  );
}

/** On how many days there was writing, of how many from the first to the last. */
export function daysWritten(sittings: readonly Sitting[]): { readonly days: number; readonly of: number } {
  const days = new Set(sittings.map(({ day }) => day));
  const [first, last] = [sittings[0]?.day, sittings.at(-1)?.day];
  return { days: days.size, of: first && last ? daysBetween(first, last) + 1 : 0 };
}

function withGaps(sittings: readonly Sitting[]): readonly Column[] {
  const columns: Column[] = [];
  let before: string | null = null;
  for (const [day, those] of groupedBy(sittings, (one) => one.day)) {
    const between: number = before === null ? 0 : daysBetween(before, day) - 1;
    if (between >= GAP) columns.push({ kind: 'gap', days: between });
    else
      for (let back = between; back > 0; back -= 1)
        columns.push({ kind: 'day', date: addDays(day, -back), sittings: 0, groups: [] });
    columns.push({ kind: 'day', date: day, sittings: those.length, groups: those });
    before = day;
  }
  return columns;
}

function together(
  sittings: readonly Sitting[],
  kind: 'week' | 'month',
  first: (day: string) => string,
): readonly Column[] {
  return [...groupedBy(sittings, ({ day }) => first(day))].map(([date, those]) => ({
    kind,
    date,
    sittings: those.length,
    groups: [sumOf(those)],
  }));
}

/** A day with two sittings needs the room of two. */
function countGroups(columns: readonly Column[]): number {
  return columns.reduce((sum, one) => sum + (one.kind === 'gap' ? 1 : Math.max(1, one.groups.length)), 0);
}

function mondayOf(day: string): string {
  return addDays(day, 1 - weekday(day));
}

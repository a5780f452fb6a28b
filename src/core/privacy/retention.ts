/** What a school may let go by itself after a time. */
export const RETAINED = [
  'revisions',
  'readings',
  'logs',
  'leftPosts',
  'cases',
  'ownLines',
  'absences',
] as const;
export type Retained = (typeof RETAINED)[number];

/** Months after which each is deleted; null keeps it. */
export type Retention = Readonly<Record<Retained, number | null>>;

/** The shortest and longest time that makes sense, in months. Logs have to outlive what they are needed to look into. */
export const RETENTION_MONTHS: Readonly<Record<Retained, { readonly from: number; readonly to: number }>> = {
  revisions: { from: 1, to: 120 },
  readings: { from: 1, to: 120 },
  logs: { from: 3, to: 120 },
  leftPosts: { from: 6, to: 120 },
  // From when a case is settled.
  cases: { from: 12, to: 360 },
  // From when a line was changed last.
  ownLines: { from: 1, to: 120 },
  // From the last day of an absence. Before its year is over, it moves dates of that year.
  absences: { from: 12, to: 120 },
};

/**
 * The moment before which things go, by the calendar: a day that the earlier month does not have becomes its last.
 * @param now present time
 * @param months how long they are kept
 */
export function keptSince(now: Date, months: number): Date {
  const since = new Date(now);
  const day = since.getUTCDate();
  since.setUTCDate(1);
  since.setUTCMonth(since.getUTCMonth() - months);
  const days = new Date(Date.UTC(since.getUTCFullYear(), since.getUTCMonth() + 1, 0)).getUTCDate();
  since.setUTCDate(Math.min(day, days));
  return since;
}

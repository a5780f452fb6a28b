import { addDays, instantOf, localDate, weekday } from '../../../core/timing/zonedTime';
import { database } from '../../ground/database/database';
import type { ClassRow } from '../../tables/classes';
import {
  countByLabel,
  countInSpans,
  countPublished,
  listWriters,
  type Sight,
} from '../../tables/publishedPosts';

const WEEKS_SHOWN = 12;
/** So many margins are kept: each is a few hundred bytes. */
const MOST_KEPT = 500;

/** What stands beside the posts of a front page: counts that are made of all that its reader sees. */
export interface Margin {
  readonly count: number;
  /** Posts in each of the latest weeks, from Monday, the present one last. */
  readonly weeks: readonly { readonly from: string; readonly count: number }[];
  readonly labels: readonly { readonly name: string; readonly count: number }[];
  /** Who wrote them, whoever wrote last first. */
  readonly writerIds: readonly string[];
}

/**
 * Margins by what they were counted of. Each is of one version of what readers see on one day, which never changes: no process knows
 * anything here that another one could contradict.
 */
const kept = new Map<string, Margin>();

/** The margin of a front page, counted once for each version of what readers see. */
export async function marginOf(inClass: ClassRow, sight: Sight, now: Date): Promise<Margin> {
  const key = keyOf(inClass, sight);
  const known = key === null ? undefined : kept.get(key);
  if (known) return known;
  const margin = await countedOf(inClass, sight, now);
  if (key !== null) {
    kept.set(key, margin);
    for (const oldest of kept.keys()) if (kept.size > MOST_KEPT) kept.delete(oldest);
  }
  return margin;
}

/** Null for who sees what few see: it is counted each time. */
function keyOf({ id, shownVersion, timeZone }: ClassRow, sight: Sight): string | null {
  const { circle, day, seesAway, ownToo, opened, personId } = sight;
  if (ownToo || opened.length > 0) return null;
  // In class everybody sees what is away of their own.
  const own = circle === 'ourClass' && !seesAway ? personId : null;
  return [id, shownVersion, timeZone, day, circle, seesAway, own].join(' ');
}

async function countedOf({ timeZone }: ClassRow, sight: Sight, now: Date): Promise<Margin> {
  const today = localDate(now.getTime(), timeZone);
  const monday = addDays(today, 1 - weekday(today));
  const mondays = Array.from({ length: WEEKS_SHOWN }, (_, index) =>
    addDays(monday, (index + 1 - WEEKS_SHOWN) * 7),
  );
  const begins = mondays.map((from) => new Date(instantOf(`${from}T00:00`, timeZone)));
  const counts = await countInSpans(database, sight, begins);
  return {
    count: await countPublished(database, sight),
    weeks: mondays.map((from, index) => ({ from, count: counts[index] ?? 0 })),
    labels: await countByLabel(database, sight),
    writerIds: await listWriters(database, sight),
  };
}

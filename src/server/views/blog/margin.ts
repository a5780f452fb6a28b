import { addDays, instantOf, localDate, weekday } from '../../../core/timing/zonedTime';
import { database } from '../../ground/database/database';
import type { ClassRow } from '../../tables/classes';
import { countByLabel, countInSpans, countPublished, listWriters } from '../../tables/publishedLists';
import type { Sight } from '../../tables/sight';
import { byVersion } from './byVersion';

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

const kept = byVersion<Margin>(MOST_KEPT);

/** The margin of a front page, counted once for each version of what readers see. */
export function marginOf(inClass: ClassRow, sight: Sight, now: Date): Promise<Margin> {
  return kept(inClass, sight, { of: '', make: () => countedOf(inClass, sight, now) });
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

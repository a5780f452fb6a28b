import { keptSince } from '../../../core/privacy/retention';
import { database } from '../../ground/database/database';
import { deleteOldCases } from '../../tables/cases';
import { deleteOldLooks } from '../../tables/links';
import { LONGEST_LIMIT } from '../../ground/limits/limits';
import { deleteOldLimits } from '../../ground/limits/queries';
import { deleteOldAbsences } from '../../tables/absences';
import { deleteOldLines } from '../../tables/ownLines';
import {
  BATCH,
  deleteOldLogLines,
  deleteOldReadings,
  findRetention,
  listLongLeftPosts,
} from '../../tables/retention';
import { deleteOldRevisions } from '../../tables/revisions';
import { deleteOldDevices } from '../sessions/knownDevices';
import { erasePosts } from '../posts/erasePost';

/** How long it is known what was found at an address. */
const DAY = 24 * 60 * 60 * 1000;
const LOOKS_KEPT = 30 * DAY;
/** How long it is known on which devices somebody signed in. */
const DEVICES_KEPT = 365 * DAY;

/** Lets go what the school keeps no longer, a few rows at a time. */
export async function applyRetention(_: unknown, __: string, now: Date): Promise<void> {
  const { revisions, readings, logs, leftPosts, cases, ownLines, absences } = await findRetention(database);
  if (revisions !== null)
    await untilNone(() => deleteOldRevisions(database, { before: keptSince(now, revisions), most: BATCH }));
  if (readings !== null) await untilNone(() => deleteOldReadings(database, keptSince(now, readings)));
  if (cases !== null) await untilNone(() => deleteOldCases(database, keptSince(now, cases)));
  if (ownLines !== null) await untilNone(() => deleteOldLines(database, keptSince(now, ownLines)));
  if (absences !== null) await untilNone(() => deleteOldAbsences(database, keptSince(now, absences)));
  if (logs !== null) await untilNone(() => deleteOldLogLines(database, keptSince(now, logs)));
  // Which addresses children typed is nobody's business for longer than it helps.
  await untilNone(() => deleteOldLooks(database, new Date(now.getTime() - LOOKS_KEPT)));
  await untilNone(() => deleteOldLimits(database, new Date(now.getTime() - LONGEST_LIMIT)));
  await untilNone(() => deleteOldDevices(database, new Date(now.getTime() - DEVICES_KEPT)));
  if (leftPosts !== null) await untilNone(() => eraseLeftPosts(keptSince(now, leftPosts)));
}

async function eraseLeftPosts(before: Date): Promise<number> {
  const posts = await listLongLeftPosts(database, before);
  await erasePosts(posts);
  return posts.length;
}

async function untilNone(round: () => Promise<number>): Promise<void> {
  while ((await round()) > 0);
}

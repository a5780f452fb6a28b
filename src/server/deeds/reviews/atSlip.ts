import type { AtReview } from '../../../contract/reviews/atReview';
import { teacherName } from '../../../core/people/names';
import type { Database } from '../../ground/database/database';
import { findStandingMark, listReadersOfSlip, type SlipReaderRow } from '../../tables/slipReaders';

/** Without a sign of life for so many milliseconds, a page is taken for closed, and a post that was taken is free again. */
const OPEN_FOR = 75_000;
export const TAKEN_FOR = 30 * 60_000;

/** Who else is at a post, by those who were there within the time that a taken one stays taken. */
export function whoIsAt(
  readers: readonly SlipReaderRow[],
  { personId, now }: { readonly personId: string; readonly now: Date },
): Pick<AtReview, 'openWith' | 'takenBy'> {
  const since = now.getTime() - OPEN_FOR;
  const taken = readers.find((one) => one.taken);
  return {
    openWith: readers
      .filter((one) => one.readerId !== personId && one.open && one.seenAt.getTime() >= since)
      .map(teacherName),
    takenBy: taken ? { name: teacherName(taken), mine: taken.readerId === personId } : null,
  };
}

/** The same for one post, with how it stands. */
export async function findAtSlip(
  database: Database,
  postId: string,
  at: { readonly personId: string; readonly now: Date },
): Promise<AtReview> {
  const readers = await listReadersOfSlip(database, postId, new Date(at.now.getTime() - TAKEN_FOR));
  return { ...whoIsAt(readers, at), standing: await findStandingMark(database, postId) };
}

import { plainText } from '../../../core/document/plainText';
import { countSave, type CameAtOnce, type SaveCount } from '../../../core/origin/countSave';
import { pieceWords } from '../../../core/origin/pieceWords';
import { localDate } from '../../../core/timing/zonedTime';
import type { Database } from '../../ground/database/database';
import { openStored } from '../../tables/columns';
import { findTimeZone } from '../../tables/classes';
import type { PostRow } from '../../tables/posts';
import { addToSitting, insertPieces, insertSitting } from '../../tables/sittings';

/** A pause of so many milliseconds ends a sitting. */
const PAUSE = 30 * 60_000;

interface Saved {
  /** What takes the place of the draft: the document as JSON text. */
  readonly body: string;
  /** What its writer's page saw come at once; `'back'` where all that is new was there before. */
  readonly came: readonly CameAtOnce[] | 'back';
  /** Who saves. What a teacher types in for the writer is not counted: it was written on paper. */
  readonly by: string;
  readonly now: Date;
}

/**
 * Counts the words that a save brings to a draft and takes from it, with its row held: by sittings, which know their day and no time.
 * @returns the sitting that they are counted to
 */
export async function countWordsMoved(
  database: Database,
  post: PostRow,
  { body, came, by, now }: Saved,
): Promise<number> {
  const sitting = now.getTime() - post.savedAt.getTime() > PAUSE ? post.sitting + 1 : post.sitting;
  if (by !== post.writerId || body === post.body) return sitting;
  const { pieces, ...moved } = countBodies(post.body, body, came);
  if (Object.values(moved).every((count) => count === 0)) return sitting;
  const counted = { ...moved, postId: post.id, number: sitting };
  if (!(await addToSitting(database, counted))) {
    const timeZone = await findTimeZone(database, post.classId);
    await insertSitting(database, { ...counted, day: localDate(now.getTime(), timeZone) });
  }
  await insertPieces(database, {
    postId: post.id,
    sitting,
    pieces: pieces.map((words) => pieceWords(words, post.id)),
  });
  return sitting;
}

function countBodies(before: string, after: string, came: Saved['came']): SaveCount {
  const [earlier, later] = [plainText(openStored(before)), plainText(openStored(after))];
  return countSave(earlier, later, came === 'back' ? [{ from: 0, to: later.length, way: 'back' }] : came);
}

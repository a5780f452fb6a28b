import type { Database } from '../ground/database/database';
import { LATEST_HAND_IN, latestHandInOf } from './latestHandIn';
import { ofNobodyDeleted } from './ofNobodyDeleted';
import { idsFrom } from './idsFrom';

/** Notes which other posts share a passage with a hand-in. */
export async function insertAlikePosts(
  database: Database,
  handInId: string,
  otherIds: readonly string[],
): Promise<void> {
  if (otherIds.length === 0) return;
  // One of them may have been erased meanwhile.
  await database.change(
    `INSERT IGNORE INTO alike_posts (hand_in_id, other_id)
     SELECT :handInId, posts.id FROM posts
     JOIN ${idsFrom(':otherIds')} AS other ON other.id = posts.id`,
    { handInId, otherIds: JSON.stringify(otherIds) },
  );
}

export interface AlikeWriterRow {
  readonly postId: string;
  /** The post that shares a passage with it, its writer and its class. */
  readonly otherId: string;
  readonly writerId: string;
  readonly classId: string;
}

/** For each post of a class that waits to be read: who wrote what shares a passage with it, whichever of both came first. */
export async function listAlikeWriters(
  database: Database,
  classId: string,
): Promise<readonly AlikeWriterRow[]> {
  return database.rows(
    `SELECT posts.id AS postId, others.id AS otherId, others.writer_id AS writerId, others.class_id AS classId
     FROM posts JOIN hand_ins ON ${LATEST_HAND_IN}
     JOIN alike_posts ON hand_in_id = hand_ins.id JOIN posts AS others ON others.id = other_id
     WHERE posts.class_id = :classId AND posts.stage = 'handedIn' AND ${ofNobodyDeleted('others.writer_id')}
     UNION
     SELECT posts.id, others.id, others.writer_id, others.class_id
     FROM posts JOIN alike_posts ON other_id = posts.id
     JOIN hand_ins ON hand_ins.id = hand_in_id AND ${latestHandInOf('hand_ins.post_id')}
     JOIN posts AS others ON others.id = hand_ins.post_id
     WHERE posts.class_id = :classId AND posts.stage = 'handedIn' AND ${ofNobodyDeleted('others.writer_id')}`,
    { classId },
  );
}

import type { Database } from '../ground/database/database';
import { LATEST_HAND_IN } from './latestHandIn';

/** Keeps the fingerprints of a post's latest hand-in, as the copy of that has them, in place of those before. */
export async function renewFingerprints(database: Database, postId: string): Promise<void> {
  await database.change('DELETE FROM fingerprints WHERE post_id = :postId', { postId });
  await database.change(
    `INSERT IGNORE INTO fingerprints (hash, class_id, post_id)
     SELECT one.hash, posts.class_id, posts.id FROM posts JOIN hand_ins ON ${LATEST_HAND_IN}
     JOIN revision_copies ON revision_copies.revision_id = hand_ins.revision_id
     JOIN JSON_TABLE(fingerprints, '$[*]' COLUMNS (hash BIGINT UNSIGNED PATH '$')) AS one WHERE posts.id = :postId`,
    { postId },
  );
}

/** Where other posts are looked for that share words with one. */
export interface Among {
  /** Whole numbers up to 2^53 − 1: see `ownFingerprints`. */
  readonly fingerprints: readonly number[];
  /** Whose own posts are left out. */
  readonly writerId: string;
  readonly classIds: readonly string[];
  /** The same assignment in other classes is looked through too; null where there is none. */
  readonly sharedId: string | null;
}

/** A post that may share words: its latest hand-in. */
export interface MaybeAlike {
  readonly id: string;
  readonly writerId: string;
  readonly classId: string;
  readonly assignmentId: string | null;
  readonly assignmentTitle: string;
  readonly handedInAt: Date;
  /** As it is compared: see `comparableText`. */
  readonly words: string;
  readonly revisionId: string;
}

/** The posts that share a fingerprint with a text, of nobody deleted, as they were handed in last. */
export async function listMaybeAlike(
  database: Database,
  { fingerprints, writerId, classIds, sharedId }: Among,
): Promise<readonly MaybeAlike[]> {
  if (fingerprints.length === 0) return [];
  return database.rows(
    `SELECT posts.id, writer_id AS writerId, posts.class_id AS classId, posts.assignment_id AS assignmentId,
       COALESCE(assignments.title, posts.title) AS assignmentTitle, handed_in_at AS handedInAt, comparable AS words,
       hand_ins.revision_id AS revisionId
     FROM (SELECT DISTINCT post_id FROM JSON_TABLE(:fingerprints, '$[*]' COLUMNS (hash BIGINT UNSIGNED PATH '$')) AS asked
         JOIN fingerprints ON fingerprints.hash = asked.hash
         WHERE FIND_IN_SET(class_id, :classIds)
           OR class_id IN (SELECT class_id FROM assignments WHERE shared_id = :sharedId)) AS found
     JOIN posts ON posts.id = post_id AND writer_id <> :writerId
     JOIN people ON people.id = writer_id AND people.deleted_at IS NULL
     LEFT JOIN assignments ON assignments.id = assignment_id
     JOIN hand_ins ON ${LATEST_HAND_IN} JOIN revision_copies ON revision_copies.revision_id = hand_ins.revision_id
     WHERE assignments.deleted_at IS NULL AND (FIND_IN_SET(posts.class_id, :classIds) OR shared_id = :sharedId)
     ORDER BY handed_in_at, posts.id`,
    { writerId, sharedId, fingerprints: JSON.stringify(fingerprints), classIds: classIds.join(',') },
  );
}

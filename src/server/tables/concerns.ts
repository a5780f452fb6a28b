import type { Database } from '../ground/database/database';

export interface ConcernRow {
  readonly id: string;
  readonly classId: string;
  readonly postId: string;
  readonly title: string;
  readonly writerId: string;
  readonly address: string | null;
  /** The comment that it is about, as it says now; null where it is about the post. */
  readonly commentText: string | null;
  readonly commentBy: string | null;
  /** Null for a reader who was not signed in. */
  readonly toldBy: string | null;
  readonly words: string;
  readonly toldAt: Date;
  readonly seenAt: Date | null;
}

export async function insertConcern(
  database: Database,
  concern: Pick<ConcernRow, 'id' | 'classId' | 'postId' | 'toldBy' | 'words' | 'toldAt'> & {
    readonly commentId: string | null;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO concerns (id, class_id, post_id, comment_id, told_by, words, told_at)
     VALUES (:id, :classId, :postId, :commentId, :toldBy, :words, :toldAt)`,
    concern,
  );
}

/** What the post was called for who told it: its title as readers saw it last. What its writer has changed since stays theirs. */
const TOLD_TITLE = `SELECT revisions.title FROM publications JOIN revisions ON revisions.id = publications.revision_id
  WHERE publications.post_id = concerns.post_id ORDER BY since DESC, publications.id LIMIT 1`;

/** What readers told the teachers of a class, what nobody has looked into yet first. */
export async function listConcerns(database: Database, classId: string): Promise<readonly ConcernRow[]> {
  return database.rows<ConcernRow>(
    `SELECT concerns.id, concerns.class_id AS classId, concerns.post_id AS postId, COALESCE((${TOLD_TITLE}), '') AS title, posts.writer_id AS writerId,
       posts.address, comments.text AS commentText, comments.author_id AS commentBy, told_by AS toldBy, concerns.words, told_at AS toldAt, seen_at AS seenAt
     FROM concerns JOIN posts ON posts.id = concerns.post_id LEFT JOIN comments ON comments.id = comment_id
     WHERE concerns.class_id = :classId ORDER BY seen_at IS NOT NULL, told_at DESC LIMIT 200`,
    { classId },
  );
}

export async function countOpenConcerns(database: Database, classId: string): Promise<number> {
  const [row] = await database.rows<{ count: number }>(
    'SELECT COUNT(*) AS count FROM concerns WHERE class_id = :classId AND seen_at IS NULL',
    { classId },
  );
  return row?.count ?? 0;
}

export async function markSeen(
  database: Database,
  seen: { readonly id: string; readonly classId: string; readonly by: string; readonly at: Date },
): Promise<number> {
  return database.change(
    `UPDATE concerns SET seen_by = :by, seen_at = :at WHERE id = :id AND class_id = :classId AND seen_at IS NULL`,
    seen,
  );
}

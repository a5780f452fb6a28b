import type { Database } from '../ground/database/database';

export interface CaseRow {
  readonly id: string;
  readonly classId: string;
  readonly postId: string;
  readonly title: string;
  readonly writerId: string;
  readonly address: string | null;
  /** What the comment that it is about said when it was told; null where it is about the post. */
  readonly kept: string | null;
  /** Whose words it is about. */
  readonly aboutId: string | null;
  /** Null for a reader who was not signed in. */
  readonly toldBy: string | null;
  readonly words: string;
  readonly toldAt: Date;
  readonly seenAt: Date | null;
}

/** Notes what was told. A comment's words are kept as they stand now: nobody takes them back from a case. */
export async function insertCase(
  database: Database,
  told: Pick<CaseRow, 'id' | 'classId' | 'postId' | 'toldBy' | 'words' | 'toldAt' | 'kept' | 'aboutId'> & {
    readonly commentId: string | null;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO cases (id, class_id, post_id, comment_id, kept, about_id, told_by, words, told_at)
     VALUES (:id, :classId, :postId, :commentId, :kept, :aboutId, :toldBy, :words, :toldAt)`,
    told,
  );
}

/** What the post was called for who told it: its title as readers saw it last. What its writer has changed since stays theirs. */
const TOLD_TITLE = `SELECT revisions.title FROM publications JOIN revisions ON revisions.id = publications.revision_id
  WHERE publications.post_id = cases.post_id ORDER BY since DESC, publications.id LIMIT 1`;

/** What readers told the teachers of a class, what nobody has looked into yet first. */
export async function listCases(database: Database, classId: string): Promise<readonly CaseRow[]> {
  return database.rows<CaseRow>(
    `SELECT cases.id, cases.class_id AS classId, cases.post_id AS postId, COALESCE((${TOLD_TITLE}), '') AS title,
       posts.writer_id AS writerId, posts.address, kept, about_id AS aboutId, told_by AS toldBy, cases.words,
       told_at AS toldAt, seen_at AS seenAt
     FROM cases JOIN posts ON posts.id = cases.post_id
     WHERE cases.class_id = :classId ORDER BY seen_at IS NOT NULL, told_at DESC LIMIT 200`,
    { classId },
  );
}

export async function countOpenCases(database: Database, classId: string): Promise<number> {
  const [row] = await database.rows<{ count: number }>(
    'SELECT COUNT(*) AS count FROM cases WHERE class_id = :classId AND seen_at IS NULL',
    { classId },
  );
  return row?.count ?? 0;
}

export async function markCaseSeen(
  database: Database,
  seen: { readonly id: string; readonly classId: string; readonly by: string; readonly at: Date },
): Promise<number> {
  return database.change(
    `UPDATE cases SET seen_by = :by, seen_at = :at WHERE id = :id AND class_id = :classId AND seen_at IS NULL`,
    seen,
  );
}

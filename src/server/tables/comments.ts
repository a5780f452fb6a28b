import type { Database } from '../ground/database/database';
import { ofNobodyDeleted } from './ofNobodyDeleted';

export interface CommentRow {
  readonly id: string;
  readonly postId: string;
  readonly authorId: string;
  readonly text: string;
  readonly words: number;
  readonly writtenAt: Date;
  readonly state: CommentState;
  /** Whether a worry keeps it from everybody but its author and the teachers. */
  readonly away: boolean;
}

type Stored = Omit<CommentRow, 'away'> & { readonly away: number };
const rowOf = (row: Stored): CommentRow => ({ ...row, away: row.away === 1 });

/** Whether a comment is before the readers of its post. */
export type CommentState = 'shown' | 'keptBack';

const COLUMNS = `id, post_id AS postId, author_id AS authorId, text, words, written_at AS writtenAt, state,
  EXISTS (SELECT 1 FROM words_away WHERE comment_id = comments.id) AS away`;

export async function insertComment(
  database: Database,
  comment: Omit<CommentRow, 'state' | 'away'>,
): Promise<void> {
  await database.change(
    `INSERT INTO comments (id, post_id, author_id, text, words, written_at)
     VALUES (:id, :postId, :authorId, :text, :words, :writtenAt)`,
    comment,
  );
}

/** The comment with the same words that somebody wrote under a post since a moment; its id. */
export async function findSameComment(
  database: Database,
  said: Pick<CommentRow, 'postId' | 'authorId' | 'text'> & { readonly since: Date },
): Promise<string | null> {
  const [row] = await database.rows<{ readonly id: string }>(
    `SELECT id FROM comments WHERE post_id = :postId AND author_id = :authorId AND written_at > :since
       AND BINARY text = BINARY :text LIMIT 1`,
    { ...said },
  );
  return row?.id ?? null;
}

export async function findComment(database: Database, id: string): Promise<CommentRow | null> {
  const [row] = await database.rows<Stored>(`SELECT ${COLUMNS} FROM comments WHERE id = :id`, { id });
  return row ? rowOf(row) : null;
}

/** The comments under a post, oldest first, those that are kept back too; none of somebody who is deleted and may be brought back. */
export async function listComments(database: Database, postId: string): Promise<readonly CommentRow[]> {
  const rows = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM comments WHERE post_id = :postId
       AND ${ofNobodyDeleted('author_id')}
     ORDER BY written_at, id LIMIT 500`,
    { postId },
  );
  return rows.map(rowOf);
}

/** The posts of a class under which a comment is shown. */
export async function listCommentedPosts(database: Database, classId: string): Promise<ReadonlySet<string>> {
  const rows = await database.rows<{ postId: string }>(
    `SELECT DISTINCT post_id AS postId FROM comments JOIN posts ON posts.id = post_id
     WHERE posts.class_id = :classId AND state = 'shown'
       AND ${ofNobodyDeleted('author_id')}`,
    { classId },
  );
  return new Set(rows.map((row) => row.postId));
}

/** What somebody wrote under classmates' posts in a class, as far as it is shown. */
export async function listCommentsGiven(
  database: Database,
  { authorId, classId }: { readonly authorId: string; readonly classId: string },
): Promise<readonly { readonly post: string; readonly words: number }[]> {
  return database.rows(
    `SELECT post_id AS post, words FROM comments JOIN posts ON posts.id = post_id
     WHERE author_id = :authorId AND posts.class_id = :classId AND posts.writer_id <> :authorId AND state = 'shown'`,
    { authorId, classId },
  );
}

/** What somebody wrote under posts of a class, with the titles that readers saw last, for who takes their writing along. */
export async function listCommentsBy(
  database: Database,
  { authorId, classId }: { readonly authorId: string; readonly classId: string },
): Promise<readonly { readonly under: string; readonly text: string; readonly writtenAt: Date }[]> {
  return database.rows(
    `SELECT COALESCE((SELECT revisions.title FROM publications JOIN revisions ON revisions.id = revision_id
         WHERE publications.post_id = posts.id ORDER BY since DESC, publications.id LIMIT 1), '') AS under,
       text, written_at AS writtenAt FROM comments JOIN posts ON posts.id = post_id
     WHERE author_id = :authorId AND posts.class_id = :classId ORDER BY written_at`,
    { authorId, classId },
  );
}

export async function updateCommentState(
  database: Database,
  decided: { readonly id: string; readonly state: CommentState; readonly by: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `UPDATE comments SET state = :state, decided_by = :by, decided_at = :at, version = version + 1 WHERE id = :id`,
    decided,
  );
}

/** How many went: none where it was gone already. */
export async function deleteComment(database: Database, id: string): Promise<number> {
  return database.change('DELETE FROM comments WHERE id = :id', { id });
}

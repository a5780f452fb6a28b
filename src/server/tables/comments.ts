import type { EarlierComment } from '../../core/comments/hold';
import type { CommentState, KeptBackFor, Waiting } from '../../core/comments/rules';
import type { Database } from '../ground/database/database';
import { waitingFrom } from './columns';
import { ofNobodyDeleted } from './ofNobodyDeleted';

export interface CommentRow {
  readonly id: string;
  readonly postId: string;
  readonly authorId: string;
  readonly text: string;
  readonly words: number;
  readonly writtenAt: Date;
  readonly state: CommentState;
  /** Why it waits, or waited. */
  readonly reasons: readonly Waiting[];
  /** Why it was kept back; null where nobody said. */
  readonly keptFor: KeptBackFor | null;
  /** Counts the decisions about it, from 1. */
  readonly version: number;
  /** Whether a worry keeps it from everybody but its author and the teachers. */
  readonly away: boolean;
}

type Stored = Omit<CommentRow, 'away' | 'reasons'> & { readonly away: number; readonly reasons: string };
const rowOf = <Row extends Stored>(row: Row) => ({
  ...row,
  away: row.away === 1,
  reasons: waitingFrom(row.reasons),
});

const COLUMNS = `comments.id, post_id AS postId, author_id AS authorId, text, words, written_at AS writtenAt, state, reasons,
  kept_for AS keptFor, comments.version,
  EXISTS (SELECT 1 FROM words_away WHERE comment_id = comments.id) AS away`;

/** The title of the post that a comment stands under, as readers saw it last. */
const TITLE_SEEN = `COALESCE((SELECT revisions.title FROM publications JOIN revisions ON revisions.id = revision_id
  WHERE publications.post_id = posts.id ORDER BY since DESC, publications.id LIMIT 1), '')`;

export async function insertComment(
  database: Database,
  { reasons, ...comment }: Omit<CommentRow, 'keptFor' | 'version' | 'away'>,
): Promise<void> {
  await database.change(
    `INSERT INTO comments (id, post_id, author_id, text, words, written_at, state, reasons)
     VALUES (:id, :postId, :authorId, :text, :words, :writtenAt, :state, :reasons)`,
    { ...comment, reasons: JSON.stringify(reasons) },
  );
}

/** What stands under a post, and what somebody said anywhere since a moment: all that a comment may say again. */
export async function listEarlierComments(
  database: Database,
  { postId, authorId, since }: { readonly postId: string; readonly authorId: string; readonly since: Date },
): Promise<readonly EarlierComment[]> {
  const rows = await database.rows<{ text: string; authorId: string; at: Date; samePost: number }>(
    `SELECT text, author_id AS authorId, written_at AS at, post_id = :postId AS samePost FROM comments
     WHERE post_id = :postId OR (author_id = :authorId AND written_at >= :since) ORDER BY written_at DESC LIMIT 500`,
    { postId, authorId, since },
  );
  return rows.map(({ text, authorId: by, at, samePost }) => ({
    ...{ text, by, at: at.getTime(), samePost: samePost === 1 },
  }));
}

/** How many comments wait in a class. */
export async function countWaitingComments(database: Database, classId: string): Promise<number> {
  const [row] = await database.rows<{ readonly count: number }>(
    `SELECT COUNT(*) AS count FROM comments JOIN posts ON posts.id = post_id
     WHERE posts.class_id = :classId AND state = 'waits' AND ${ofNobodyDeleted('author_id')}`,
    { classId },
  );
  return row?.count ?? 0;
}

/** The comments of a class that wait, oldest first, and the latest that were kept back, each with the title that readers see. */
export async function listHeldComments(
  database: Database,
  classId: string,
  state: 'waits' | 'keptBack',
): Promise<readonly HeldCommentRow[]> {
  const rows = await database.rows<Stored & Omit<HeldCommentRow, keyof CommentRow>>(
    `SELECT ${COLUMNS}, posts.writer_id AS writerId, posts.address, decided_by AS decidedById,
       ${TITLE_SEEN} AS title
     FROM comments JOIN posts ON posts.id = post_id
     WHERE posts.class_id = :classId AND state = :state AND ${ofNobodyDeleted('author_id')}
     ORDER BY ${state === 'waits' ? 'written_at' : 'decided_at DESC'}, comments.id LIMIT 100`,
    { classId, state },
  );
  return rows.map(rowOf);
}

/** How it went with the latest comments of a class that had a reason to wait, in the order in which they came. */
export async function listHowWaitingWent(
  database: Database,
  classId: string,
): Promise<readonly Pick<CommentRow, 'state' | 'reasons'>[]> {
  const rows = await database.rows<Pick<Stored, 'state' | 'reasons'>>(
    `SELECT state, reasons FROM comments JOIN posts ON posts.id = post_id
     WHERE posts.class_id = :classId AND reasons <> '[]' AND ${ofNobodyDeleted('author_id')}
     ORDER BY written_at DESC, comments.id LIMIT 200`,
    { classId },
  );
  return rows.map(({ state, reasons }) => ({ state, reasons: waitingFrom(reasons) })).reverse();
}

/** A comment that is not shown, with the post that it stands under. */
export interface HeldCommentRow extends CommentRow {
  readonly writerId: string;
  readonly title: string;
  readonly address: string | null;
  /** Who kept it back. */
  readonly decidedById: string | null;
}

/** The comment with the same words that somebody wrote under a post since a moment; null for none. */
export async function findSameComment(
  database: Database,
  said: Pick<CommentRow, 'postId' | 'authorId' | 'text'> & { readonly since: Date },
): Promise<Pick<CommentRow, 'id' | 'state'> | null> {
  const [row] = await database.rows<Pick<CommentRow, 'id' | 'state'>>(
    `SELECT id, state FROM comments WHERE post_id = :postId AND author_id = :authorId AND written_at > :since
       AND BINARY text = BINARY :text LIMIT 1`,
    { ...said },
  );
  return row ?? null;
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
    `SELECT ${TITLE_SEEN} AS under,
       text, written_at AS writtenAt FROM comments JOIN posts ON posts.id = post_id
     WHERE author_id = :authorId AND posts.class_id = :classId ORDER BY written_at`,
    { authorId, classId },
  );
}

/** How many were decided about: none where somebody decided since that version. */
export async function decideAbout(
  database: Database,
  decision: Pick<CommentRow, 'id' | 'state' | 'version' | 'keptFor'> & {
    readonly by: string;
    readonly at: Date;
  },
): Promise<number> {
  return database.change(
    `UPDATE comments SET state = :state, kept_for = :keptFor, decided_by = :by, decided_at = :at, version = version + 1
     WHERE id = :id AND version = :version`,
    decision,
  );
}

/** How many went: none where it was gone already. */
export async function deleteComment(database: Database, id: string): Promise<number> {
  return database.change('DELETE FROM comments WHERE id = :id', { id });
}

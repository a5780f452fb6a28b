import type { Database } from '../ground/database/database';

/** SQL: whether a post is away from its readers because of a worry. */
export function isAway(posts = 'posts'): string {
  return `EXISTS (SELECT 1 FROM words_away WHERE words_away.post_id = ${posts}.id AND words_away.comment_id IS NULL)`;
}

/** A post, or something said under it. */
export interface Words {
  readonly postId: string;
  readonly commentId: string | null;
}

export interface AwayRow extends Words {
  readonly caseId: string | null;
  readonly since: Date;
  /** Whether it was decided so; until then a teacher can put the words back. */
  readonly decided: boolean;
}

type Stored = Omit<AwayRow, 'decided'> & { readonly decided: number };

const COLUMNS = `case_id AS caseId, words_away.post_id AS postId, comment_id AS commentId, since, decided`;
const rowOf = (row: Stored): AwayRow => ({ ...row, decided: row.decided === 1 });

/** Takes words from their readers, as far as they are still there. */
export async function takeWordsAway(
  database: Database,
  away: Omit<AwayRow, 'caseId'> & { readonly id: string; readonly caseId: string },
): Promise<void> {
  await database.change(
    `INSERT INTO words_away (id, case_id, post_id, comment_id, since, decided)
     SELECT :id, :caseId, posts.id, :commentId, :since, :decided FROM posts
     WHERE posts.id = :postId
       AND (:commentId IS NULL OR EXISTS (SELECT 1 FROM comments WHERE comments.id = :commentId AND comments.post_id = posts.id))
     ON DUPLICATE KEY UPDATE decided = :decided`,
    { ...away },
  );
}

/** Ends that words are away because of one case. */
export async function deleteAwayOfCase(database: Database, caseId: string): Promise<void> {
  await database.change('DELETE FROM words_away WHERE case_id = :caseId', { caseId });
}

/** What keeps some words from their readers, held until the transaction ends. */
export async function lockAway(
  database: Database,
  { postId, commentId }: Words,
): Promise<readonly AwayRow[]> {
  const rows = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM words_away WHERE post_id = :postId AND comment_id <=> :commentId FOR UPDATE`,
    { postId, commentId },
  );
  return rows.map(rowOf);
}

/** Ends what was not decided; what was decided stays. */
export async function deleteUndecidedAway(database: Database, { postId, commentId }: Words): Promise<void> {
  await database.change(
    'DELETE FROM words_away WHERE post_id = :postId AND comment_id <=> :commentId AND NOT decided',
    { postId, commentId },
  );
}

/** Since when words are away from their readers, and whether that was decided; null where they are not. */
export async function findAway(database: Database, { postId, commentId }: Words): Promise<AwayRow | null> {
  const [row] = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM words_away WHERE post_id = :postId AND comment_id <=> :commentId
     ORDER BY decided DESC, since LIMIT 1`,
    { postId, commentId },
  );
  return row ? rowOf(row) : null;
}

/** The words of a class that stood before readers and are away until it is decided, the oldest first. */
export async function listUndecidedAway(
  database: Database,
  classId: string,
): Promise<
  readonly (AwayRow & {
    readonly writerId: string;
    readonly title: string;
    readonly address: string | null;
  })[]
> {
  const rows = await database.rows<
    Stored & { readonly writerId: string; readonly title: string; readonly address: string | null }
  >(
    `SELECT ${COLUMNS}, COALESCE(comments.author_id, posts.writer_id) AS writerId, posts.address,
       COALESCE((SELECT revisions.title FROM publications JOIN revisions ON revisions.id = revision_id
         WHERE publications.post_id = posts.id AND until IS NULL LIMIT 1), '') AS title
     FROM words_away JOIN posts ON posts.id = words_away.post_id LEFT JOIN comments ON comments.id = comment_id
     WHERE posts.class_id = :classId AND NOT decided
       AND EXISTS (SELECT 1 FROM publications WHERE publications.post_id = posts.id AND until IS NULL)
     ORDER BY since LIMIT 50`,
    { classId },
  );
  return rows.map((row) => ({ ...row, ...rowOf(row) }));
}

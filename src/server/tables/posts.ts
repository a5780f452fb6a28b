import type { Audience } from '../../core/access/audience';
import type { Stage } from '../../core/posts/stage';
import type { Database } from '../ground/database/database';
import { ofNobodyDeleted } from './ofNobodyDeleted';
import { secondReaderFrom, secondReaderOf, type SecondReader } from './secondReadings';
import { isAway } from './wordsAway';
import { asStored, type StoredWriting, type Writing, fromStored } from './writings';

export interface PostRow extends Writing {
  readonly id: string;
  readonly classId: string;
  readonly assignmentId: string;
  readonly writerId: string;
  readonly stage: Stage;
  readonly audience: Audience | null;
  readonly address: string | null;
  /** The address that its writer would like, while it waits for a teacher. */
  readonly askedAddress: string | null;
  readonly version: number;
  /** The sitting that its words are counted to now. */
  readonly sitting: number;
  readonly begunAt: Date;
  readonly savedAt: Date;
  /** Whether a worry keeps it from everybody but its writer and the teachers. */
  readonly away: boolean;
  /** The teacher who typed in for its writer what was done on paper; null for all that its writer wrote. */
  readonly typedInById: string | null;
  /** The same while they may still write in it. */
  readonly typesInId: string | null;
  /** Who reads it a second time, and whether they are done; null where nobody does. */
  readonly second: SecondReader | null;
}

export type StoredPost = Omit<StoredWriting<PostRow>, 'away' | 'second'> & {
  readonly away: number;
  readonly second: string | null;
};

/** A post from its columns. */
export const postFrom = ({ away, second, ...row }: StoredPost): PostRow =>
  fromStored<PostRow>({ ...row, away: away === 1, second: secondReaderFrom(second) });

export const POST_COLUMNS = `id, class_id AS classId, assignment_id AS assignmentId, writer_id AS writerId, stage, title, labels,
  beside, body, audience, address, asked_address AS askedAddress, version, sitting, begun_at AS begunAt, saved_at AS savedAt, typed_in_by AS typedInById, types_in AS typesInId,
  ${isAway()} AS away, ${secondReaderOf()} AS second`;

/** The SQL condition that neither the writer nor the assignment of a post is deleted. */
export const OF_NOTHING_DELETED = `${ofNobodyDeleted('writer_id')}
  AND (posts.assignment_id IS NULL OR posts.assignment_id NOT IN (SELECT id FROM assignments WHERE deleted_at IS NOT NULL))`;

/** A post, unless its writer or its assignment is deleted and may be brought back: then nothing is shown of it, and nothing done with it. */
export async function findPost(database: Database, id: string): Promise<PostRow | null> {
  const [row] = await database.rows<StoredPost>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE id = :id AND ${OF_NOTHING_DELETED}`,
    { id },
  );
  return row ? postFrom(row) : null;
}

/** A post, even of somebody deleted, or of an assignment that is. */
export async function findPostOfAnybody(database: Database, id: string): Promise<PostRow | null> {
  const [row] = await database.rows<StoredPost>(`SELECT ${POST_COLUMNS} FROM posts WHERE id = :id`, { id });
  return row ? postFrom(row) : null;
}

/** As `findPost`, held until the transaction ends, so that two changes of it come one after the other. */
export async function lockPost(database: Database, id: string): Promise<PostRow | null> {
  const [row] = await database.rows<StoredPost>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE id = :id AND ${OF_NOTHING_DELETED} FOR UPDATE`,
    { id },
  );
  return row ? postFrom(row) : null;
}

export async function findPostOf(
  database: Database,
  assignmentId: string,
  writerId: string,
): Promise<PostRow | null> {
  const [row] = await database.rows<StoredPost>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE assignment_id = :assignmentId AND writer_id = :writerId`,
    { assignmentId, writerId },
  );
  return row ? postFrom(row) : null;
}

/** @param post `drawnNumber`: see `drawNumber` */
export async function insertPost(
  database: Database,
  post: Omit<PostRow, 'away' | 'second' | 'sitting'> & { readonly drawnNumber: number },
): Promise<void> {
  await database.change(
    `INSERT INTO posts (id, class_id, assignment_id, writer_id, stage, title, labels, beside, body, audience, address, version, begun_at, saved_at, typed_in_by, types_in, drawn_number)
     VALUES (:id, :classId, :assignmentId, :writerId, :stage, :title, :labels, :beside, :body, :audience, :address, :version, :begunAt, :savedAt, :typedInById, :typesInId, :drawnNumber)`,
    { ...post, ...asStored(post) },
  );
}

export async function updateDraft(
  database: Database,
  draft: Writing & Pick<PostRow, 'id' | 'version' | 'sitting' | 'savedAt'>,
): Promise<void> {
  await database.change(
    'UPDATE posts SET title = :title, labels = :labels, beside = :beside, body = :body, version = :version, sitting = :sitting, saved_at = :savedAt WHERE id = :id',
    { ...draft, ...asStored(draft) },
  );
}

/** Nobody types in a post for its writer any more: it was handed in, or its writer writes on. */
export async function endTypingIn(database: Database, id: string): Promise<void> {
  await database.change('UPDATE posts SET types_in = NULL WHERE id = :id', { id });
}

/** What is written in a post from now on is counted to the next sitting. */
export async function endSitting(database: Database, id: string): Promise<void> {
  await database.change('UPDATE posts SET sitting = sitting + 1 WHERE id = :id', { id });
}

export async function updateStage(database: Database, id: string, stage: Stage): Promise<void> {
  await database.change('UPDATE posts SET stage = :stage WHERE id = :id', { id, stage });
}

export async function updateAudience(
  database: Database,
  id: string,
  audience: Audience | null,
): Promise<void> {
  await database.change('UPDATE posts SET audience = :audience WHERE id = :id', { id, audience });
}

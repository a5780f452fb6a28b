import type { Database } from '../ground/database/database';
import { maybe } from '../ground/input/column';
import { levelsFrom, secondReaderColumn } from './columns';
import { ofNobodyDeleted } from './ofNobodyDeleted';
import { idsFrom } from './idsFrom';

/** Who reads a post a second time. */
export interface SecondReader {
  readonly readerId: string;
  /** Whether they are done with it. */
  readonly done: boolean;
}

/** SQL: who reads a post a second time, as JSON; see `secondReaderFrom`. */
export function secondReaderOf(posts = 'posts'): string {
  return `(SELECT JSON_OBJECT('readerId', reader_id, 'done', done_at IS NOT NULL) FROM second_readings
    WHERE second_readings.post_id = ${posts}.id)`;
}

export function secondReaderFrom(stored: string | null): SecondReader | null {
  const read = maybe(secondReaderColumn)(stored);
  return read && { readerId: read.readerId, done: read.done === true || read.done === 1 };
}

export interface SecondReadingRow {
  readonly postId: string;
  readonly readerId: string;
  readonly doneAt: Date | null;
  /** What was set of both figures; null while nothing was. */
  readonly settled: {
    /** What the first reader gave, by criterion. */
    readonly firstLevels: Readonly<Record<string, number>>;
    readonly first: number;
    readonly second: number;
    readonly figure: number;
    readonly reason: string;
    readonly at: Date;
  } | null;
}

interface Stored {
  readonly postId: string;
  readonly readerId: string;
  readonly doneAt: Date | null;
  readonly firstLevels: string | null;
  readonly first: string | null;
  readonly second: string | null;
  readonly figure: string | null;
  readonly reason: string | null;
  readonly setAt: Date | null;
}

const COLUMNS = `post_id AS postId, reader_id AS readerId, done_at AS doneAt, first_levels AS firstLevels, first_figure AS first,
  second_figure AS second, set_figure AS figure, reason, second_readings.set_at AS setAt`;

function rowOf({ firstLevels, first, second, figure, reason, setAt, ...row }: Stored): SecondReadingRow {
  return {
    ...row,
    settled: setAt && {
      firstLevels: firstLevels === null ? {} : levelsFrom(firstLevels),
      first: Number(first),
      second: Number(second),
      figure: Number(figure),
      reason: reason ?? '',
      at: setAt,
    },
  };
}

export async function findSecondReading(
  database: Database,
  postId: string,
): Promise<SecondReadingRow | null> {
  const [row] = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM second_readings WHERE post_id = :postId`,
    {
      postId,
    },
  );
  return row ? rowOf(row) : null;
}

/** Those of an assignment, but of people deleted. */
export async function listSecondReadings(
  database: Database,
  assignmentId: string,
): Promise<readonly SecondReadingRow[]> {
  const rows = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM second_readings JOIN posts ON posts.id = post_id
     WHERE assignment_id = :assignmentId AND ${ofNobodyDeleted('writer_id')} ORDER BY asked_at, posts.id`,
    { assignmentId },
  );
  return rows.map(rowOf);
}

/** The posts of a class that are read a second time by somebody who is not done. */
export async function listReadTwice(database: Database, classId: string): Promise<ReadonlySet<string>> {
  const rows = await database.rows<{ readonly postId: string }>(
    `SELECT post_id AS postId FROM second_readings JOIN posts ON posts.id = post_id
     WHERE class_id = :classId AND done_at IS NULL`,
    { classId },
  );
  return new Set(rows.map(({ postId }) => postId));
}

/** The posts of a class that are read a second time by one of its teachers who is not done: the first figures are not for them. */
export async function listOwnToRead(
  database: Database,
  { classId, readerId }: { readonly classId: string; readonly readerId: string },
): Promise<ReadonlySet<string>> {
  const rows = await database.rows<{ readonly postId: string }>(
    `SELECT post_id AS postId FROM second_readings JOIN posts ON posts.id = post_id
     WHERE class_id = :classId AND reader_id = :readerId AND done_at IS NULL`,
    { classId, readerId },
  );
  return new Set(rows.map(({ postId }) => postId));
}

/** How far the second reading of an assignment is, for one of its class's teachers. */
export interface SecondToday {
  readonly assignmentId: string;
  readonly title: string;
  /** How many posts wait for them to read, and one of these; 0 and null where none does. */
  readonly toRead: number;
  readonly first: string | null;
  /** How many others are done with, of which no figure was set and no grade given back. */
  readonly done: number;
}

export async function listSecondToday(
  database: Database,
  { classId, personId }: { readonly classId: string; readonly personId: string },
): Promise<readonly SecondToday[]> {
  const rows = await database.rows<{
    readonly assignmentId: string;
    readonly title: string;
    readonly toRead: string;
    readonly first: string | null;
    readonly done: string;
  }>(
    `SELECT assignments.id AS assignmentId, assignments.title, SUM(done_at IS NULL AND reader_id = :personId) AS toRead,
       MIN(IF(done_at IS NULL AND reader_id = :personId, posts.id, NULL)) AS first,
       SUM(done_at IS NOT NULL AND reader_id <> :personId AND second_readings.set_at IS NULL AND NOT EXISTS (SELECT 1 FROM grade_figures
         WHERE grade_figures.post_id = posts.id AND given_back_at IS NOT NULL)) AS done
     FROM second_readings JOIN posts ON posts.id = second_readings.post_id
     JOIN assignments ON assignments.id = assignment_id AND assignments.deleted_at IS NULL
     WHERE posts.class_id = :classId AND ${ofNobodyDeleted('writer_id')}
     GROUP BY assignments.id ORDER BY MIN(asked_at)`,
    { classId, personId },
  );
  return rows
    .map((row) => ({ ...row, toRead: Number(row.toRead), done: Number(row.done) }))
    .filter(({ toRead, done }) => toRead + done > 0);
}

/** Asks somebody to read some posts a second time; those that are read twice already stay as they are. @returns how many were asked */
export async function insertSecondReadings(
  database: Database,
  asked: {
    readonly postIds: readonly string[];
    readonly readerId: string;
    readonly by: string;
    readonly at: Date;
  },
): Promise<number> {
  return database.change(
    `INSERT IGNORE INTO second_readings (post_id, reader_id, asked_by, asked_at)
     SELECT posts.id, :readerId, :by, :at FROM posts
     JOIN ${idsFrom(':postIds')} AS asked ON asked.id = posts.id
     WHERE writer_id <> :readerId`,
    { ...asked, postIds: JSON.stringify(asked.postIds) },
  );
}

/**
 * Who reads a post a second time now, held until the transaction ends: what was read of it before the post was held may be over by
 * now.
 */
export async function lockSecondReader(database: Database, postId: string): Promise<SecondReader | null> {
  const [row] = await database.rows<{ readonly readerId: string; readonly done: number }>(
    `SELECT reader_id AS readerId, done_at IS NOT NULL AS done FROM second_readings
     WHERE post_id = :postId FOR UPDATE`,
    { postId },
  );
  return row ? { readerId: row.readerId, done: row.done === 1 } : null;
}

/** The posts of an assignment that somebody reads a second time and is not done with, these readings held until the transaction ends. */
export async function lockOpenSecondReadings(
  database: Database,
  assignmentId: string,
): Promise<readonly string[]> {
  // Of the posts nothing is held: whoever judges one holds it already, and waits for its reading.
  const ids = (
    await database.rows<{ readonly postId: string }>(
      `SELECT post_id AS postId FROM second_readings JOIN posts ON posts.id = post_id
       WHERE assignment_id = :assignmentId AND done_at IS NULL`,
      { assignmentId },
    )
  ).map(({ postId }) => postId);
  const rows = await database.rows<{ readonly postId: string }>(
    `SELECT post_id AS postId FROM second_readings
     JOIN ${idsFrom(':ids')} AS asked ON asked.id = post_id
     WHERE done_at IS NULL FOR UPDATE`,
    { ids: JSON.stringify(ids) },
  );
  return rows.map(({ postId }) => postId);
}

/** Takes back second readings that are held and not done. @returns how many that were */
export async function deleteSecondReadings(database: Database, postIds: readonly string[]): Promise<number> {
  return database.change(
    `DELETE second_readings FROM second_readings
     JOIN ${idsFrom(':ids')} AS asked ON asked.id = post_id`,
    { ids: JSON.stringify(postIds) },
  );
}

export async function markSecondDone(database: Database, postId: string, at: Date): Promise<void> {
  await database.change(
    'UPDATE second_readings SET done_at = :at WHERE post_id = :postId AND done_at IS NULL',
    { postId, at },
  );
}

/** Keeps the figure that was set; what the first reader gave stays as it was when one was set first. */
export async function updateSettledFigure(
  database: Database,
  set: {
    readonly postId: string;
    readonly firstLevels: Readonly<Record<string, number>>;
    readonly first: number;
    readonly second: number;
    readonly figure: number;
    readonly reason: string;
    readonly by: string;
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    `UPDATE second_readings SET first_levels = COALESCE(first_levels, :firstLevels), first_figure = COALESCE(first_figure, :first),
       second_figure = :second, set_figure = :figure, reason = :reason, set_by = :by, set_at = :at
     WHERE post_id = :postId`,
    { ...set, firstLevels: JSON.stringify(set.firstLevels) },
  );
}

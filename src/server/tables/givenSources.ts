import type { Database } from '../ground/database/database';

/** A text that own words are compared with; the same id stands at one assignment in several classes. */
export interface GivenSource {
  readonly id: string;
  readonly assignmentId: string;
  readonly name: string;
  readonly words: number;
  /** A document as JSON text. */
  readonly body: string;
  /** As it is compared: see `comparableText`. */
  readonly comparable: string;
}

export async function insertSource(
  database: Database,
  source: GivenSource & { readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO given_sources (id, assignment_id, name, words, body, comparable, added_at)
     VALUES (:id, :assignmentId, :name, :words, :body, :comparable, :at)`,
    { ...source },
  );
}

export async function deleteSource(
  database: Database,
  { id, assignmentId }: Pick<GivenSource, 'id' | 'assignmentId'>,
): Promise<number> {
  return database.change('DELETE FROM given_sources WHERE id = :id AND assignment_id = :assignmentId', {
    id,
    assignmentId,
  });
}

/** Gives another assignment the same sources. */
export async function copySources(
  database: Database,
  { from, to }: { readonly from: string; readonly to: string },
): Promise<void> {
  await database.change(
    `INSERT IGNORE INTO given_sources (id, assignment_id, name, words, body, comparable, added_at)
     SELECT id, :to, name, words, body, comparable, added_at FROM given_sources WHERE assignment_id = :from`,
    { from, to },
  );
}

/** An assignment, and the series that it is a repetition of. */
interface OfSeries {
  readonly id: string;
  readonly seriesId: string | null;
}

/** The sources of an assignment and of its series, without what they say, in the order in which they were given. */
export async function listSources(
  database: Database,
  { id, seriesId }: OfSeries,
): Promise<readonly Omit<GivenSource, 'body' | 'comparable'>[]> {
  return database.rows(
    `SELECT id, assignment_id AS assignmentId, name, words FROM given_sources
     WHERE assignment_id IN (:id, :seriesId) ORDER BY added_at, id`,
    { id, seriesId },
  );
}

/** The sources of an assignment and of its series as they are compared. */
export async function listSourceTexts(
  database: Database,
  { id, seriesId }: OfSeries,
): Promise<readonly { readonly id: string; readonly words: string }[]> {
  return database.rows(
    'SELECT id, comparable AS words FROM given_sources WHERE assignment_id IN (:id, :seriesId)',
    { id, seriesId },
  );
}

/** What the sources of an assignment and of its series say, as JSON text. */
export async function listSourceBodies(
  database: Database,
  { id, seriesId }: OfSeries,
): Promise<readonly Pick<GivenSource, 'id' | 'body'>[]> {
  return database.rows('SELECT id, body FROM given_sources WHERE assignment_id IN (:id, :seriesId)', {
    id,
    seriesId,
  });
}

export async function countSources(database: Database, assignmentId: string): Promise<number> {
  const [row] = await database.rows<{ readonly many: number }>(
    'SELECT COUNT(*) AS many FROM given_sources WHERE assignment_id = :assignmentId',
    { assignmentId },
  );
  return row?.many ?? 0;
}

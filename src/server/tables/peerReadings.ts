import type { Anchor } from '../../core/notes/anchor';
import type { PeerRule } from '../../core/peerReading/rule';
import type { Stage } from '../../core/posts/stage';
import { isHeld } from '../ground/access/roles';
import type { Database } from '../ground/database/database';
import { anchorFrom, textsFrom } from './columns';
import { isAway } from './wordsAway';
import { idsFrom } from './idsFrom';

/** That a classmate reads a text as it was taken. */
export interface PeerReadingRow {
  readonly id: string;
  readonly roundId: string;
  readonly readerId: string;
  readonly writerId: string;
  readonly openedAt: Date | null;
  /** Since when the writer reads what was said. */
  readonly givenAt: Date | null;
  /** Whether the writer says that it helped. */
  readonly useful: boolean;
}

/** The same with what decides whether it goes on. */
export interface PeerReadingFacts extends PeerReadingRow {
  readonly classId: string;
  readonly assignmentId: string;
  /** The text as it was taken; null where it is gone. */
  readonly revisionId: string | null;
  readonly takenAt: Date;
  /** How far the writer is; null where there is no post any more. */
  readonly stage: Stage | null;
  /** Whether it is wanted and of the latest round, both are in the class, and no worry keeps the words away. */
  readonly holds: boolean;
}

/** What a reader noted or answered. */
export interface PeerWordsRow {
  readonly readingId: string;
  readonly name: string;
  /** Which question it answers; null for a note. */
  readonly question: number | null;
  /** The passage that it points at. */
  readonly anchor: Anchor | null;
  readonly words: string;
  readonly keptAt: Date;
  /** Whether a teacher took it back. */
  readonly takenBack: boolean;
}

const READING_COLUMNS = `peer_readings.id, peer_readings.round_id AS roundId, reader_id AS readerId, writer_id AS writerId,
  peer_readings.opened_at AS openedAt, given_at AS givenAt, useful`;

/** SQL: that a round is the latest of its assignment in which texts were taken. */
const IS_LATEST = `NOT EXISTS (SELECT 1 FROM peer_rounds AS later WHERE later.assignment_id = peer_rounds.assignment_id
  AND later.taken_at > peer_rounds.taken_at)`;

/**
 * SQL: that a reading goes on, but for the hand-in of its writer, which is told apart: it is wanted and of the latest round, both are
 * in the class, and no worry keeps the words away. The one rule of that.
 */
const HOLDS = `(SELECT COUNT(*) FROM memberships WHERE memberships.class_id = assignments.class_id AND ${isHeld()}
    AND memberships.person_id IN (peer_readings.reader_id, peer_readings.writer_id)) = 2
  AND EXISTS (SELECT 1 FROM peer_rules WHERE peer_rules.assignment_id = assignments.id)
  AND NOT EXISTS (SELECT 1 FROM posts WHERE posts.assignment_id = assignments.id
    AND posts.writer_id = peer_readings.writer_id AND ${isAway()})
  AND ${IS_LATEST}`;

/** Holds a reading until the transaction ends. */
export async function lockPeerReading(database: Database, id: string): Promise<void> {
  await database.rows('SELECT 1 FROM peer_readings WHERE id = :id FOR UPDATE', { id });
}

export async function findPeerReading(database: Database, id: string): Promise<PeerReadingFacts | null> {
  const [row] = await database.rows<
    Omit<PeerReadingFacts, 'useful' | 'holds'> & { readonly useful: number; readonly holds: number }
  >(
    `SELECT ${READING_COLUMNS}, assignments.class_id AS classId, peer_rounds.assignment_id AS assignmentId,
       peer_members.revision_id AS revisionId, taken_at AS takenAt,
       (SELECT stage FROM posts WHERE posts.assignment_id = peer_rounds.assignment_id
          AND posts.writer_id = peer_readings.writer_id LIMIT 1) AS stage,
       ${HOLDS} AS holds
     FROM peer_readings JOIN peer_rounds ON peer_rounds.id = round_id
     JOIN assignments ON assignments.id = peer_rounds.assignment_id AND assignments.deleted_at IS NULL
     JOIN people ON people.id = writer_id AND people.deleted_at IS NULL
     LEFT JOIN peer_members ON peer_members.round_id = peer_readings.round_id AND person_id = writer_id
     WHERE peer_readings.id = :id`,
    { id },
  );
  return row ? { ...row, useful: row.useful === 1, holds: row.holds === 1 } : null;
}

/** Whether somebody was given a draft to read that shows a picture, and reads it still. */
export async function readsPictureAsPeer(
  database: Database,
  pictureId: string,
  readerId: string,
): Promise<boolean> {
  const rows = await database.rows<object>(
    `SELECT 1 FROM revision_pictures
     JOIN revisions ON revisions.id = revision_pictures.revision_id
     JOIN posts ON posts.id = revisions.post_id AND stage = 'draft'
     JOIN peer_members ON peer_members.revision_id = revisions.id
     JOIN peer_rounds ON peer_rounds.id = peer_members.round_id
     JOIN assignments ON assignments.id = peer_rounds.assignment_id AND assignments.deleted_at IS NULL
     JOIN peer_readings ON peer_readings.round_id = peer_rounds.id AND peer_readings.writer_id = person_id
     WHERE picture_id = :pictureId AND reader_id = :readerId AND ${HOLDS} LIMIT 1`,
    { pictureId, readerId },
  );
  return rows.length > 0;
}

/** Who reads whom in a round. */
export async function listPeerReadings(
  database: Database,
  roundId: string,
): Promise<readonly PeerReadingRow[]> {
  const rows = await database.rows<Omit<PeerReadingRow, 'useful'> & { readonly useful: number }>(
    `SELECT ${READING_COLUMNS} FROM peer_readings WHERE round_id = :roundId ORDER BY reader_id, writer_id`,
    { roundId },
  );
  return rows.map((row) => ({ ...row, useful: row.useful === 1 }));
}

/** Lets somebody read the texts of others; who does already goes on. */
export async function insertPeerReadings(
  database: Database,
  readings: readonly Pick<PeerReadingRow, 'id' | 'roundId' | 'readerId' | 'writerId'>[],
): Promise<void> {
  if (readings.length === 0) return;
  await database.change(
    `INSERT INTO peer_readings (id, round_id, reader_id, writer_id)
     SELECT * FROM JSON_TABLE(:readings, '$[*]' COLUMNS (id VARCHAR(16) PATH '$.id', round_id VARCHAR(16) PATH '$.roundId',
       reader_id VARCHAR(16) PATH '$.readerId', writer_id VARCHAR(16) PATH '$.writerId')) AS made
     ON DUPLICATE KEY UPDATE peer_readings.reader_id = peer_readings.reader_id`,
    { readings: JSON.stringify(readings) },
  );
}

export async function markPeerOpened(database: Database, id: string, at: Date): Promise<void> {
  await database.change('UPDATE peer_readings SET opened_at = :at WHERE id = :id AND opened_at IS NULL', {
    ...{ id, at },
  });
}

export async function markPeerGiven(database: Database, id: string, at: Date): Promise<void> {
  await database.change('UPDATE peer_readings SET given_at = COALESCE(given_at, :at) WHERE id = :id', {
    ...{ id, at },
  });
}

export async function markUseful(database: Database, id: string, useful: boolean): Promise<void> {
  await database.change('UPDATE peer_readings SET useful = :useful WHERE id = :id', { id, useful });
}

/** What was said in some readings, answers first, then notes in the order in which they were kept. */
export async function listPeerWords(
  database: Database,
  readingIds: readonly string[],
): Promise<readonly PeerWordsRow[]> {
  if (readingIds.length === 0) return [];
  const rows = await database.rows<
    Omit<PeerWordsRow, 'anchor' | 'takenBack'> & {
      readonly anchor: string | null;
      readonly takenBack: number;
    }
  >(
    `SELECT reading_id AS readingId, name, question, anchor, words, kept_at AS keptAt, taken_back_by IS NOT NULL AS takenBack
     FROM peer_words JOIN ${idsFrom(':ids')} AS asked ON asked.id = reading_id
     ORDER BY question IS NULL, question, kept_at, name`,
    { ids: JSON.stringify(readingIds) },
  );
  return rows.map(({ anchor, takenBack, ...row }) => ({
    ...row,
    anchor: anchorFrom(anchor),
    takenBack: takenBack === 1,
  }));
}

export async function countPeerWords(database: Database, readingId: string): Promise<number> {
  const [row] = await database.rows<{ readonly count: number }>(
    'SELECT COUNT(*) AS count FROM peer_words WHERE reading_id = :readingId',
    { readingId },
  );
  return row?.count ?? 0;
}

/** Keeps what a reader said, in place of what stood there under the name; what a teacher took back stays away. */
export async function upsertPeerWords(
  database: Database,
  { anchor, ...said }: Omit<PeerWordsRow, 'takenBack'>,
): Promise<void> {
  await database.change(
    `INSERT INTO peer_words (reading_id, name, question, anchor, words, kept_at)
     VALUES (:readingId, :name, :question, :anchor, :words, :keptAt)
     ON DUPLICATE KEY UPDATE anchor = :anchor, words = :words, kept_at = :keptAt`,
    { ...said, anchor: anchor && JSON.stringify(anchor) },
  );
}

export async function deletePeerWords(database: Database, readingId: string, name: string): Promise<void> {
  await database.change(
    'DELETE FROM peer_words WHERE reading_id = :readingId AND name = :name AND taken_back_by IS NULL',
    { readingId, name },
  );
}

/** Takes something back from its writer's eyes. @returns how many there were */
export async function takeBackWords(
  database: Database,
  { readingId, name, by }: { readonly readingId: string; readonly name: string; readonly by: string },
): Promise<number> {
  return database.change(
    `UPDATE peer_words SET taken_back_by = COALESCE(taken_back_by, :by) WHERE reading_id = :readingId AND name = :name`,
    { readingId, name, by },
  );
}

/** A reading as one of its two sees it: with what was told of it when its groups were made. */
export interface PeerReadingOf extends PeerReadingRow, Pick<PeerRule, 'questions' | 'named'> {
  /** How far the writer is; null where there is no post any more. */
  readonly stage: Stage | null;
  /** Whether it is of the latest round in which texts were taken. */
  readonly latest: boolean;
}

/** What somebody reads for an assignment, and what is or was read of them: in the latest round, and what was given before. */
export async function listPeerReadingsOf(
  database: Database,
  { personId, assignmentId }: { readonly personId: string; readonly assignmentId: string },
): Promise<readonly PeerReadingOf[]> {
  const rows = await database.rows<
    Omit<PeerReadingOf, 'useful' | 'named' | 'latest' | 'questions'> & {
      readonly useful: number;
      readonly named: number;
      readonly latest: number;
      readonly questions: string;
    }
  >(
    `SELECT ${READING_COLUMNS}, questions, named,
       (SELECT stage FROM posts WHERE posts.assignment_id = peer_rounds.assignment_id
          AND posts.writer_id = peer_readings.writer_id LIMIT 1) AS stage,
       ${IS_LATEST} AS latest
     FROM peer_readings JOIN peer_rounds ON peer_rounds.id = round_id
     WHERE peer_rounds.assignment_id = :assignmentId
       AND (reader_id = :personId OR peer_readings.writer_id = :personId)
     HAVING latest OR givenAt IS NOT NULL
     ORDER BY peer_rounds.taken_at DESC, peer_readings.reader_id, peer_readings.writer_id`,
    { personId, assignmentId },
  );
  return rows.map((row) => ({
    ...row,
    useful: row.useful === 1,
    named: row.named === 1,
    latest: row.latest === 1,
    questions: textsFrom(row.questions),
  }));
}

/** The texts that somebody was given and has said nothing about yet, whose writers have not handed in. */
export async function listPeerWaiting(
  database: Database,
  readerId: string,
): Promise<
  readonly {
    readonly readingId: string;
    readonly classId: string;
    readonly writerId: string;
    readonly title: string;
  }[]
> {
  return database.rows(
    `SELECT peer_readings.id AS readingId, assignments.class_id AS classId, peer_readings.writer_id AS writerId, assignments.title
     FROM peer_readings JOIN peer_rounds ON peer_rounds.id = round_id
     JOIN assignments ON assignments.id = peer_rounds.assignment_id AND assignments.deleted_at IS NULL
     JOIN posts ON posts.assignment_id = assignments.id AND posts.writer_id = peer_readings.writer_id AND stage = 'draft'
     WHERE reader_id = :readerId AND given_at IS NULL AND ${HOLDS}
     ORDER BY peer_rounds.taken_at, peer_readings.id`,
    { readerId },
  );
}

/** What somebody said about drafts of classmates in a class; whose they were goes along with nobody else's data. */
export async function listSaidAsPeer(
  database: Database,
  classId: string,
  personId: string,
): Promise<readonly { readonly assignment: string; readonly words: string; readonly at: Date }[]> {
  return database.rows(
    `SELECT assignments.title AS assignment, words, kept_at AS at
     FROM peer_words JOIN peer_readings ON peer_readings.id = reading_id
     JOIN peer_rounds ON peer_rounds.id = round_id
     JOIN assignments ON assignments.id = peer_rounds.assignment_id
     WHERE class_id = :classId AND reader_id = :personId ORDER BY kept_at, name`,
    { classId, personId },
  );
}

import type { DetailKind } from '../../core/personal/found';
import type { Answer } from '../../core/requirements/answer';
import type { Database } from '../ground/database/database';
import { OF_NOTHING_DELETED } from './posts';
import { evidenceFrom } from './columns';
import { amongPostsOf, type PostsOf } from './postsOf';
import { LATEST_HAND_IN } from './latestHandIn';
import { isAway } from './wordsAway';
import { idsFrom } from './idsFrom';

export interface HandInRow {
  readonly id: string;
  readonly postId: string;
  readonly revisionId: string;
  readonly ordinal: number;
  readonly receipt: number;
  readonly evidence: Answer;
  readonly words: number;
  /** The version of the draft that was handed in; null for those from before it was noted. */
  readonly version: number | null;
  /** The last sitting of its writer before it. */
  readonly sitting: number;
  /** What counts: when it was pressed where that is allowed, else when it reached us. */
  readonly handedInAt: Date;
  /** Both, where the line was cut when its writer pressed; null for all others. */
  readonly pressedAt: Date | null;
  readonly receivedAt: Date | null;
  readonly takenBackAt: Date | null;
}

/** A personal detail of a hand-in as it was found then, without what it says. */
export interface DetailNoted {
  readonly kind: DetailKind;
  readonly key: string;
}

const HAND_IN_COLUMNS = `id, post_id AS postId, revision_id AS revisionId, ordinal, receipt, evidence, words, version, sitting,
  handed_in_at AS handedInAt, pressed_at AS pressedAt, received_at AS receivedAt, taken_back_at AS takenBackAt`;

/** All hand-ins of a post, oldest first, those taken back too. */
export async function listHandIns(database: Database, postId: string): Promise<readonly HandInRow[]> {
  const rows = await database.rows<StoredEvidence>(
    `SELECT ${HAND_IN_COLUMNS} FROM hand_ins WHERE post_id = :postId ORDER BY ordinal`,
    { postId },
  );
  return rows.map(withEvidence);
}

export async function findHandInByReceipt(database: Database, receipt: number): Promise<HandInRow | null> {
  const [row] = await database.rows<StoredEvidence>(
    `SELECT ${HAND_IN_COLUMNS} FROM hand_ins WHERE receipt = :receipt`,
    { receipt },
  );
  return row ? withEvidence(row) : null;
}

export async function findHandIn(database: Database, id: string): Promise<HandInRow | null> {
  const [row] = await database.rows<StoredEvidence>(
    `SELECT ${HAND_IN_COLUMNS} FROM hand_ins WHERE id = :id AND taken_back_at IS NULL`,
    { id },
  );
  return row ? withEvidence(row) : null;
}

/** Completes the evidence of a hand-in with what could not be known at once. */
export async function updateEvidence(database: Database, id: string, evidence: Answer): Promise<void> {
  await database.change('UPDATE hand_ins SET evidence = :evidence WHERE id = :id', {
    id,
    evidence: JSON.stringify(evidence),
  });
}

/** @param handIn with the personal details that were found in it */
export async function insertHandIn(
  database: Database,
  handIn: HandInRow & { readonly details: readonly DetailNoted[] },
): Promise<void> {
  await database.change(
    `INSERT INTO hand_ins (id, post_id, revision_id, ordinal, receipt, evidence, words, version, sitting, details, handed_in_at,
       pressed_at, received_at, taken_back_at)
     VALUES (:id, :postId, :revisionId, :ordinal, :receipt, :evidence, :words, :version, :sitting, :details, :handedInAt,
       :pressedAt, :receivedAt, :takenBackAt)`,
    { ...handIn, evidence: JSON.stringify(handIn.evidence), details: JSON.stringify(handIn.details) },
  );
}

/** The latest hand-in of each post of an assignment: how it is called, and how long it is. */
export async function listHandInHeads(
  database: Database,
  assignmentId: string,
): Promise<readonly { readonly postId: string; readonly title: string; readonly words: number }[]> {
  return database.rows(
    `SELECT posts.id AS postId, revisions.title, hand_ins.words FROM posts JOIN hand_ins ON ${LATEST_HAND_IN}
     JOIN revisions ON revisions.id = hand_ins.revision_id WHERE assignment_id = :assignmentId`,
    { assignmentId },
  );
}

/** When each post of an assignment or a class was handed in, oldest first, without what was taken back. */
export async function listHandInTimes(
  database: Database,
  asked: PostsOf,
): Promise<readonly { readonly postId: string; readonly handedInAt: Date }[]> {
  return database.rows(
    `SELECT post_id AS postId, handed_in_at AS handedInAt FROM hand_ins JOIN posts ON posts.id = post_id
     WHERE ${amongPostsOf(asked)} AND taken_back_at IS NULL ORDER BY ordinal`,
    asked,
  );
}

export async function markTakenBack(database: Database, id: string, at: Date): Promise<void> {
  await database.change('UPDATE hand_ins SET taken_back_at = :at WHERE id = :id AND taken_back_at IS NULL', {
    id,
    at,
  });
}

type StoredEvidence = Omit<HandInRow, 'evidence'> & { readonly evidence: string };

function withEvidence(row: StoredEvidence): HandInRow {
  return { ...row, evidence: evidenceFrom(row.evidence) };
}

/** What of a class was handed in last and not taken back, of nobody deleted; the latest first. */
export async function listLatestHandIns(
  database: Database,
  { classId, but, most }: { readonly classId: string; readonly but: string; readonly most: number },
): Promise<
  readonly {
    readonly receipt: number;
    readonly writerId: string;
    readonly title: string;
    readonly assignment: string;
    readonly handedInAt: Date;
  }[]
> {
  return database.rows(
    `SELECT receipt, writer_id AS writerId, revisions.title, assignments.title AS assignment, handed_in_at AS handedInAt
     FROM posts JOIN assignments ON assignments.id = assignment_id
     JOIN hand_ins ON ${LATEST_HAND_IN}
     JOIN revisions ON revisions.id = hand_ins.revision_id
     WHERE posts.class_id = :classId AND writer_id <> :but AND ${OF_NOTHING_DELETED} AND NOT ${isAway()}
     ORDER BY handed_in_at DESC, posts.id LIMIT :most`,
    { classId, but, most },
  );
}

/** The hand-ins of some students in a class, by post and oldest first, without what was taken back: how each was called, and how long it was. */
export async function listHandInsOf(
  database: Database,
  classId: string,
  writerIds: readonly string[],
): Promise<
  readonly {
    readonly postId: string;
    readonly title: string;
    readonly words: number;
    readonly handedInAt: Date;
  }[]
> {
  return database.rows(
    `SELECT posts.id AS postId, revisions.title, hand_ins.words, handed_in_at AS handedInAt
     FROM ${idsFrom(':ids')} AS asked JOIN posts ON writer_id = asked.id
     JOIN hand_ins ON hand_ins.post_id = posts.id AND taken_back_at IS NULL JOIN revisions ON revisions.id = revision_id
     WHERE class_id = :classId ORDER BY ordinal`,
    { classId, ids: JSON.stringify(writerIds) },
  );
}

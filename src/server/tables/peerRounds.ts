import type { Drawn, Pair } from '../../core/peerReading/groups';
import type { PeerRule } from '../../core/peerReading/rule';
import { isHeld, WRITING } from '../ground/access/roles';
import type { Database } from '../ground/database/database';
import { textsFrom } from './columns';
import { OF_NOTHING_DELETED } from './posts';

export interface PeerRuleRow extends PeerRule {
  /** When texts are taken; null where a teacher makes groups by hand. */
  readonly takesAt: Date | null;
}

/** Groups that were drawn. What their readers are asked and told holds for them, whatever the rule says later. */
export interface PeerRoundRow extends Pick<PeerRule, 'questions' | 'named'> {
  readonly id: string;
  readonly assignmentId: string;
  readonly drawnAt: Date;
  /** When the texts are taken as they stand. */
  readonly takesAt: Date;
  readonly takenAt: Date | null;
}

export interface PeerMemberRow {
  readonly personId: string;
  /** Null for who could be put with nobody from whom they are not kept apart. */
  readonly group: number | null;
  /** Their text as it was taken. */
  readonly revisionId: string | null;
}

export async function findPeerRule(database: Database, assignmentId: string): Promise<PeerRuleRow | null> {
  const [row] = await database.rows<Stored<PeerRuleRow>>(
    'SELECT size, questions, named, takes_at AS takesAt FROM peer_rules WHERE assignment_id = :assignmentId',
    { assignmentId },
  );
  return row ? fromStored(row) : null;
}

/** Whether writers of an assignment read each other, or did. */
export async function hasPeerReading(database: Database, assignmentId: string): Promise<boolean> {
  const rows = await database.rows<object>(
    `SELECT 1 FROM peer_rules WHERE assignment_id = :assignmentId
     UNION ALL SELECT 1 FROM peer_rounds WHERE assignment_id = :assignmentId AND taken_at IS NOT NULL LIMIT 1`,
    { assignmentId },
  );
  return rows.length > 0;
}

/**
 * SQL: how it stands with reading each other for the writer of the post `:postId`, as a key that is another whenever that is; null
 * where nobody reads each other.
 */
export const PEER_NEWS = `(SELECT CONCAT_WS(' ', peer_rules.assignment_id, peer_rules.takes_at, peer_rounds.id, peer_rounds.taken_at,
    (SELECT COUNT(*) FROM peer_readings WHERE round_id = peer_rounds.id AND peer_readings.writer_id = posts.writer_id
       AND given_at IS NOT NULL))
  FROM posts
  LEFT JOIN peer_rules ON peer_rules.assignment_id = posts.assignment_id
  LEFT JOIN peer_rounds ON peer_rounds.id = (SELECT id FROM peer_rounds AS latest
    WHERE latest.assignment_id = posts.assignment_id ORDER BY taken_at IS NULL DESC, taken_at DESC LIMIT 1)
  WHERE posts.id = :postId AND (peer_rules.assignment_id IS NOT NULL OR peer_rounds.taken_at IS NOT NULL))`;

export async function upsertPeerRule(
  database: Database,
  { questions, ...rule }: PeerRuleRow & { readonly assignmentId: string },
): Promise<void> {
  await database.change(
    `INSERT INTO peer_rules (assignment_id, size, questions, named, takes_at)
     VALUES (:assignmentId, :size, :questions, :named, :takesAt)
     ON DUPLICATE KEY UPDATE size = :size, questions = :questions, named = :named, takes_at = :takesAt`,
    { ...rule, questions: JSON.stringify(questions) },
  );
}

/** An assignment that is made after another wants the same of its writers, at no time yet; what it says of its own stays. */
export async function copyPeerRule(
  database: Database,
  { from, to }: { readonly from: string; readonly to: string },
): Promise<void> {
  await database.change(
    `INSERT INTO peer_rules (assignment_id, size, questions, named)
     SELECT :to, size, questions, named FROM peer_rules WHERE assignment_id = :from
       AND NOT EXISTS (SELECT 1 FROM peer_rules WHERE assignment_id = :to)`,
    { from, to },
  );
}

export async function deletePeerRule(database: Database, assignmentId: string): Promise<void> {
  await database.change('DELETE FROM peer_rules WHERE assignment_id = :assignmentId', { assignmentId });
}

const ROUND_COLUMNS =
  'id, assignment_id AS assignmentId, questions, named, drawn_at AS drawnAt, takes_at AS takesAt, taken_at AS takenAt';

/** Lists arrive as JSON, truth values as numbers. */
type Stored<Row extends Pick<PeerRule, 'questions' | 'named'>> = Omit<Row, 'questions' | 'named'> & {
  readonly questions: string;
  readonly named: number;
};

const fromStored = <Row extends Stored<PeerRoundRow> | Stored<PeerRuleRow>>(row: Row) => ({
  ...row,
  questions: textsFrom(row.questions),
  named: row.named === 1,
});

/** The round that counts: the latest of an assignment; null while none was drawn. */
export async function findLatestRound(
  database: Database,
  assignmentId: string,
): Promise<PeerRoundRow | null> {
  const [row] = await database.rows<Stored<PeerRoundRow>>(
    `SELECT ${ROUND_COLUMNS} FROM peer_rounds WHERE assignment_id = :assignmentId ORDER BY taken_at IS NULL DESC, taken_at DESC LIMIT 1`,
    { assignmentId },
  );
  return row ? fromStored(row) : null;
}

export async function findRound(database: Database, id: string): Promise<PeerRoundRow | null> {
  const [row] = await database.rows<Stored<PeerRoundRow>>(
    `SELECT ${ROUND_COLUMNS} FROM peer_rounds WHERE id = :id`,
    { id },
  );
  return row ? fromStored(row) : null;
}

/** Notes a round with its groups, and who was left alone. */
export async function insertRound(
  database: Database,
  { groups, alone, ...round }: Omit<PeerRoundRow, 'takenAt'> & Pick<Drawn, 'groups' | 'alone'>,
): Promise<void> {
  await database.change(
    `INSERT INTO peer_rounds (id, assignment_id, questions, named, drawn_at, takes_at)
     VALUES (:id, :assignmentId, :questions, :named, :drawnAt, :takesAt)`,
    { ...round, questions: JSON.stringify(round.questions) },
  );
  const members: { readonly personId: string; readonly group: number | null }[] = [
    ...groups.flatMap((group, at) => group.map((personId) => ({ personId, group: at }))),
    ...alone.map((personId) => ({ personId, group: null })),
  ];
  await database.change(
    `INSERT INTO peer_members (round_id, person_id, group_number)
     SELECT :id, person_id, group_number FROM JSON_TABLE(:members, '$[*]'
       COLUMNS (person_id VARCHAR(16) PATH '$.personId', group_number INT PATH '$.group')) AS drawn`,
    { id: round.id, members: JSON.stringify(members) },
  );
}

export async function insertMember(
  database: Database,
  member: PeerMemberRow & { readonly roundId: string },
): Promise<void> {
  await database.change(
    `INSERT INTO peer_members (round_id, person_id, group_number, revision_id)
     VALUES (:roundId, :personId, :group, :revisionId)
     ON DUPLICATE KEY UPDATE group_number = :group, revision_id = :revisionId`,
    { ...member },
  );
}

/** Notes that somebody of a round is in no group. */
export async function leaveAlone(
  database: Database,
  member: { readonly roundId: string; readonly personId: string },
): Promise<void> {
  await database.change(
    'UPDATE peer_members SET group_number = NULL WHERE round_id = :roundId AND person_id = :personId',
    member,
  );
}

export async function deleteRound(database: Database, id: string): Promise<void> {
  await database.change('DELETE FROM peer_rounds WHERE id = :id', { id });
}

export async function markTaken(database: Database, id: string, at: Date): Promise<void> {
  await database.change('UPDATE peer_rounds SET taken_at = :at WHERE id = :id', { id, at });
}

export async function listPeerMembers(
  database: Database,
  roundId: string,
): Promise<readonly PeerMemberRow[]> {
  return database.rows(
    `SELECT person_id AS personId, group_number AS \`group\`, revision_id AS revisionId
     FROM peer_members WHERE round_id = :roundId ORDER BY group_number, person_id`,
    { roundId },
  );
}

/** The students who write for an assignment and have not handed in, or one of them, with their posts. */
export async function listPeerCandidates(
  database: Database,
  {
    personId = null,
    ...of
  }: { readonly classId: string; readonly assignmentId: string; readonly personId?: string | null },
): Promise<readonly { readonly personId: string; readonly postId: string; readonly body: string }[]> {
  return database.rows(
    `SELECT writer_id AS personId, posts.id AS postId, body FROM posts
     JOIN memberships ON memberships.class_id = posts.class_id AND memberships.person_id = writer_id
       AND role IN ${WRITING} AND ${isHeld()}
     WHERE posts.class_id = :classId AND assignment_id = :assignmentId AND stage = 'draft' AND ${OF_NOTHING_DELETED}
       AND (:personId IS NULL OR writer_id = :personId)
     ORDER BY writer_id`,
    { ...of, personId },
  );
}

/** Who read each other in the latest round of the class in which texts were taken, or in the latest one before a round. */
export async function listLastPairs(
  database: Database,
  classId: string,
  before: Pick<PeerRoundRow, 'id' | 'takenAt'> | null = null,
): Promise<readonly Pair[]> {
  const rows = await database.rows<{ readonly one: string; readonly other: string }>(
    `SELECT reader_id AS one, writer_id AS other FROM peer_readings
     WHERE reader_id < writer_id AND round_id = (
       SELECT peer_rounds.id FROM peer_rounds JOIN assignments ON assignments.id = assignment_id
       WHERE class_id = :classId AND taken_at IS NOT NULL AND NOT peer_rounds.id <=> :id
         AND (:takenAt IS NULL OR taken_at <= :takenAt)
       ORDER BY taken_at DESC, peer_rounds.id DESC LIMIT 1)`,
    { classId, id: before?.id ?? null, takenAt: before?.takenAt ?? null },
  );
  return rows.map(({ one, other }) => [one, other]);
}

/** Whom those who teach a class keep apart, or one of them. */
export async function listKeptApart(
  database: Database,
  { classId, teacherId = null }: { readonly classId: string; readonly teacherId?: string | null },
): Promise<readonly Pair[]> {
  const rows = await database.rows<{ readonly one: string; readonly other: string }>(
    `SELECT DISTINCT one_id AS one, other_id AS other FROM kept_apart
     JOIN memberships ON memberships.class_id = kept_apart.class_id AND person_id = teacher_id AND ${isHeld()}
     WHERE kept_apart.class_id = :classId AND (:teacherId IS NULL OR teacher_id = :teacherId) ORDER BY one_id, other_id`,
    { classId, teacherId },
  );
  return rows.map(({ one, other }) => [one, other]);
}

interface KeptApart {
  readonly classId: string;
  readonly teacherId: string;
  readonly pair: Pair;
}

const ordered = ([one, another]: Pair) =>
  one < another ? { one, other: another } : { one: another, other: one };

export async function insertKeptApart(database: Database, { pair, ...of }: KeptApart): Promise<void> {
  await database.change(
    `INSERT INTO kept_apart (class_id, teacher_id, one_id, other_id) VALUES (:classId, :teacherId, :one, :other)
     ON DUPLICATE KEY UPDATE one_id = one_id`,
    { ...of, ...ordered(pair) },
  );
}

export async function deleteKeptApart(database: Database, { pair, ...of }: KeptApart): Promise<void> {
  await database.change(
    `DELETE FROM kept_apart
     WHERE class_id = :classId AND teacher_id = :teacherId AND one_id = :one AND other_id = :other`,
    { ...of, ...ordered(pair) },
  );
}

import type { Audience } from '../../core/access/audience';
import type { Stage } from '../../core/posts/stage';
import type { Answer } from '../../core/requirements/answer';
import type { Database } from '../database/database';

/** What a writer writes: the draft, and what a revision keeps of it. `body` is the document as JSON text. */
export interface Writing {
  readonly title: string;
  readonly labels: readonly string[];
  readonly body: string;
}

export interface PostRow extends Writing {
  readonly id: string;
  readonly classId: string;
  readonly assignmentId: string;
  readonly writerId: string;
  readonly stage: Stage;
  readonly audience: Audience | null;
  readonly address: string | null;
  readonly version: number;
  readonly begunAt: Date;
  readonly savedAt: Date;
}

export interface HandInRow {
  readonly id: string;
  readonly postId: string;
  readonly revisionId: string;
  readonly ordinal: number;
  readonly receipt: number;
  readonly evidence: Answer;
  readonly words: number;
  readonly handedInAt: Date;
  readonly takenBackAt: Date | null;
}

type RevisionKind = 'saved' | 'branch' | 'handIn';

export interface RevisionRow extends Writing {
  readonly id: string;
  readonly postId: string;
  readonly kind: RevisionKind;
  readonly createdAt: Date;
}

const POST_COLUMNS = `id, class_id AS classId, assignment_id AS assignmentId, writer_id AS writerId, stage, title, labels,
  body, audience, address, version, begun_at AS begunAt, saved_at AS savedAt`;
const HAND_IN_COLUMNS = `id, post_id AS postId, revision_id AS revisionId, ordinal, receipt, evidence, words,
  handed_in_at AS handedInAt, taken_back_at AS takenBackAt`;
const REVISION_COLUMNS = 'id, post_id AS postId, kind, title, labels, body, created_at AS createdAt';

export async function findPost(database: Database, id: string): Promise<PostRow | null> {
  const [row] = await database.rows<StoredLabels<PostRow>>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE id = :id`,
    { id },
  );
  return row ? withLabels<PostRow>(row) : null;
}

/** The post, held until the transaction ends, so that two changes of it come one after the other. */
export async function lockPost(database: Database, id: string): Promise<PostRow | null> {
  const [row] = await database.rows<StoredLabels<PostRow>>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE id = :id FOR UPDATE`,
    {
      id,
    },
  );
  return row ? withLabels<PostRow>(row) : null;
}

export async function findPostOf(
  database: Database,
  assignmentId: string,
  writerId: string,
): Promise<PostRow | null> {
  const [row] = await database.rows<StoredLabels<PostRow>>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE assignment_id = :assignmentId AND writer_id = :writerId`,
    { assignmentId, writerId },
  );
  return row ? withLabels<PostRow>(row) : null;
}

export async function insertPost(database: Database, post: PostRow): Promise<void> {
  await database.change(
    `INSERT INTO posts (id, class_id, assignment_id, writer_id, stage, title, labels, body, audience, address, version, begun_at, saved_at)
     VALUES (:id, :classId, :assignmentId, :writerId, :stage, :title, :labels, :body, :audience, :address, :version, :begunAt, :savedAt)`,
    { ...post, labels: JSON.stringify(post.labels) },
  );
}

export async function updateDraft(
  database: Database,
  draft: Writing & { readonly id: string; readonly version: number; readonly savedAt: Date },
): Promise<void> {
  await database.change(
    'UPDATE posts SET title = :title, labels = :labels, body = :body, version = :version, saved_at = :savedAt WHERE id = :id',
    { ...draft, labels: JSON.stringify(draft.labels) },
  );
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

export async function updateAddress(database: Database, id: string, address: string): Promise<void> {
  await database.change('UPDATE posts SET address = :address WHERE id = :id', { id, address });
}

/** Addresses of a class's posts that begin like a wished one. */
export async function listAddressesLike(
  database: Database,
  classId: string,
  address: string,
): Promise<readonly string[]> {
  const rows = await database.rows<{ address: string }>(
    'SELECT address FROM posts WHERE class_id = :classId AND LEFT(address, CHAR_LENGTH(:address)) = :address',
    { classId, address },
  );
  return rows.map((row) => row.address);
}

export async function insertRevision(
  database: Database,
  revision: RevisionRow,
  pictureIds: readonly string[],
): Promise<void> {
  await database.change(
    `INSERT INTO revisions (id, post_id, kind, title, labels, body, created_at)
     VALUES (:id, :postId, :kind, :title, :labels, :body, :createdAt)`,
    { ...revision, labels: JSON.stringify(revision.labels) },
  );
  // Only pictures that there are are noted: a document may name others, which nobody is shown.
  await database.change(
    `INSERT INTO revision_pictures (revision_id, picture_id)
     SELECT :revisionId, pictures.id FROM pictures
     JOIN JSON_TABLE(:ids, '$[*]' COLUMNS (id VARCHAR(16) PATH '$')) AS used ON used.id = pictures.id`,
    { revisionId: revision.id, ids: JSON.stringify(pictureIds) },
  );
}

export async function findRevision(database: Database, id: string): Promise<RevisionRow | null> {
  const [row] = await database.rows<StoredLabels<RevisionRow>>(
    `SELECT ${REVISION_COLUMNS} FROM revisions WHERE id = :id`,
    { id },
  );
  return row ? withLabels<RevisionRow>(row) : null;
}

export async function findLatestRevision(database: Database, postId: string): Promise<RevisionRow | null> {
  const [row] = await database.rows<StoredLabels<RevisionRow>>(
    `SELECT ${REVISION_COLUMNS} FROM revisions WHERE post_id = :postId AND kind <> 'branch' ORDER BY created_at DESC LIMIT 1`,
    { postId },
  );
  return row ? withLabels<RevisionRow>(row) : null;
}

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

export async function insertHandIn(database: Database, handIn: HandInRow): Promise<void> {
  await database.change(
    `INSERT INTO hand_ins (id, post_id, revision_id, ordinal, receipt, evidence, words, handed_in_at, taken_back_at)
     VALUES (:id, :postId, :revisionId, :ordinal, :receipt, :evidence, :words, :handedInAt, :takenBackAt)`,
    { ...handIn, evidence: JSON.stringify(handIn.evidence) },
  );
}

export async function markTakenBack(database: Database, id: string, at: Date): Promise<void> {
  await database.change('UPDATE hand_ins SET taken_back_at = :at WHERE id = :id AND taken_back_at IS NULL', {
    id,
    at,
  });
}

/** Which teachers opened which hand-ins of a post. */
export async function listReadings(
  database: Database,
  postId: string,
): Promise<readonly { readonly handInId: string; readonly teacherId: string; readonly firstReadAt: Date }[]> {
  return database.rows(
    `SELECT hand_in_id AS handInId, teacher_id AS teacherId, first_read_at AS firstReadAt FROM readings
     JOIN hand_ins ON hand_ins.id = readings.hand_in_id WHERE hand_ins.post_id = :postId ORDER BY first_read_at`,
    { postId },
  );
}

type StoredLabels<Row> = Omit<Row, 'labels'> & { readonly labels: string };
type StoredEvidence = Omit<HandInRow, 'evidence'> & { readonly evidence: string };

function withLabels<Row extends { readonly labels: readonly string[] }>(row: StoredLabels<Row>): Row {
  return { ...row, labels: JSON.parse(row.labels) as readonly string[] } as unknown as Row;
}

function withEvidence(row: StoredEvidence): HandInRow {
  return { ...row, evidence: JSON.parse(row.evidence) as Answer };
}

export interface StandingRow {
  readonly postId: string;
  readonly assignmentId: string;
  readonly writerId: string;
  readonly stage: Stage;
  /** Of the latest hand-in; null where there is none. */
  readonly handInId: string | null;
  readonly ordinal: number | null;
  readonly handedInAt: Date | null;
  readonly evidence: Answer | null;
}

/** How each post of a class stands, with its latest hand-in; those that have waited longest first. */
export async function listStandings(database: Database, classId: string): Promise<readonly StandingRow[]> {
  const rows = await database.rows<Omit<StandingRow, 'evidence'> & { readonly evidence: string | null }>(
    `SELECT posts.id AS postId, assignment_id AS assignmentId, writer_id AS writerId, stage, hand_ins.id AS handInId, ordinal,
       handed_in_at AS handedInAt, evidence
     FROM posts LEFT JOIN hand_ins ON hand_ins.post_id = posts.id AND hand_ins.ordinal =
       (SELECT MAX(ordinal) FROM hand_ins AS latest WHERE latest.post_id = posts.id AND latest.taken_back_at IS NULL)
     WHERE posts.class_id = :classId ORDER BY handed_in_at, posts.id`,
    { classId },
  );
  return rows.map((row) => ({
    ...row,
    evidence: row.evidence === null ? null : (JSON.parse(row.evidence) as Answer),
  }));
}

export async function countWaiting(database: Database, classId: string): Promise<number> {
  const [row] = await database.rows<{ waiting: number }>(
    "SELECT COUNT(*) AS waiting FROM posts WHERE class_id = :classId AND stage = 'handedIn'",
    { classId },
  );
  return row?.waiting ?? 0;
}

/** The posts of one writer in a class. */
export async function listPostsOf(
  database: Database,
  classId: string,
  writerId: string,
): Promise<readonly PostRow[]> {
  const rows = await database.rows<StoredLabels<PostRow>>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE class_id = :classId AND writer_id = :writerId`,
    { classId, writerId },
  );
  return rows.map((row) => withLabels<PostRow>(row));
}

export interface LeftPostRow {
  readonly postId: string;
  readonly title: string;
  readonly assignmentTitle: string;
  readonly classTitle: string;
  readonly savedAt: Date;
  readonly timeZone: string;
  readonly language: string;
}

/** The posts that somebody wrote in classes that they are not in any more, the latest first. */
export async function listLeftPosts(database: Database, personId: string): Promise<readonly LeftPostRow[]> {
  return database.rows<LeftPostRow>(
    `SELECT posts.id AS postId, posts.title, assignments.title AS assignmentTitle, classes.title AS classTitle,
       posts.saved_at AS savedAt, time_zone AS timeZone, language
     FROM posts JOIN classes ON classes.id = posts.class_id AND deleted_at IS NULL
     JOIN assignments ON assignments.id = assignment_id
     JOIN memberships ON memberships.class_id = posts.class_id AND person_id = writer_id AND left_at IS NOT NULL
     WHERE writer_id = :personId ORDER BY posts.saved_at DESC`,
    { personId },
  );
}

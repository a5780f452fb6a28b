import type { Audience } from '../../core/access/audience';
import { NOTHING_BESIDE, type Beside } from '../../core/posts/beside';
import type { Stage } from '../../core/posts/stage';
import type { Answer } from '../../core/requirements/answer';
import type { Database } from '../database/database';
import { ofNobodyDeleted } from '../people/ofNobodyDeleted';

/** What a writer writes: the draft, and what a revision keeps of it. `body` is the document as JSON text. */
export interface Writing {
  readonly title: string;
  readonly labels: readonly string[];
  readonly beside: Beside;
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
  /** The address that its writer would like, while it waits for a teacher. */
  readonly askedAddress: string | null;
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
  /** The version of the draft that was handed in; null for those from before it was noted. */
  readonly version: number | null;
  readonly handedInAt: Date;
  readonly takenBackAt: Date | null;
}

/** A picture as a writing names it. */
export interface PictureNamed {
  readonly id: string;
  readonly description: string;
  readonly caption: string;
  readonly credit: string;
  readonly licence: string;
}

type RevisionKind = 'saved' | 'branch' | 'handIn';

export interface RevisionRow extends Writing {
  readonly id: string;
  readonly postId: string;
  readonly kind: RevisionKind;
  readonly createdAt: Date;
}

const POST_COLUMNS = `id, class_id AS classId, assignment_id AS assignmentId, writer_id AS writerId, stage, title, labels,
  beside, body, audience, address, asked_address AS askedAddress, version, begun_at AS begunAt, saved_at AS savedAt`;
const HAND_IN_COLUMNS = `id, post_id AS postId, revision_id AS revisionId, ordinal, receipt, evidence, words, version,
  handed_in_at AS handedInAt, taken_back_at AS takenBackAt`;
const REVISION_COLUMNS = 'id, post_id AS postId, kind, title, labels, beside, body, created_at AS createdAt';

const OF_NOBODY_DELETED = ofNobodyDeleted('writer_id');

/** A post, unless its writer is deleted and may be brought back: then nothing is shown of it, and nothing done with it. */
export async function findPost(database: Database, id: string): Promise<PostRow | null> {
  const [row] = await database.rows<StoredWriting<PostRow>>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE id = :id AND ${OF_NOBODY_DELETED}`,
    { id },
  );
  return row ? fromStored<PostRow>(row) : null;
}

/** A post, even of somebody deleted. */
export async function findPostOfAnybody(database: Database, id: string): Promise<PostRow | null> {
  const [row] = await database.rows<StoredWriting<PostRow>>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE id = :id`,
    { id },
  );
  return row ? fromStored<PostRow>(row) : null;
}

/** As `findPost`, held until the transaction ends, so that two changes of it come one after the other. */
export async function lockPost(database: Database, id: string): Promise<PostRow | null> {
  const [row] = await database.rows<StoredWriting<PostRow>>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE id = :id AND ${OF_NOBODY_DELETED} FOR UPDATE`,
    { id },
  );
  return row ? fromStored<PostRow>(row) : null;
}

export async function findPostOf(
  database: Database,
  assignmentId: string,
  writerId: string,
): Promise<PostRow | null> {
  const [row] = await database.rows<StoredWriting<PostRow>>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE assignment_id = :assignmentId AND writer_id = :writerId`,
    { assignmentId, writerId },
  );
  return row ? fromStored<PostRow>(row) : null;
}

export async function insertPost(database: Database, post: PostRow): Promise<void> {
  await database.change(
    `INSERT INTO posts (id, class_id, assignment_id, writer_id, stage, title, labels, beside, body, audience, address, version, begun_at, saved_at)
     VALUES (:id, :classId, :assignmentId, :writerId, :stage, :title, :labels, :beside, :body, :audience, :address, :version, :begunAt, :savedAt)`,
    { ...post, ...asStored(post) },
  );
}

export async function updateDraft(
  database: Database,
  draft: Writing & { readonly id: string; readonly version: number; readonly savedAt: Date },
): Promise<void> {
  await database.change(
    'UPDATE posts SET title = :title, labels = :labels, beside = :beside, body = :body, version = :version, saved_at = :savedAt WHERE id = :id',
    { ...draft, ...asStored(draft) },
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

export async function insertRevision(
  database: Database,
  revision: RevisionRow,
  pictures: readonly PictureNamed[],
): Promise<void> {
  await database.change(
    `INSERT INTO revisions (id, post_id, kind, title, labels, beside, body, created_at)
     VALUES (:id, :postId, :kind, :title, :labels, :beside, :body, :createdAt)`,
    { ...revision, ...asStored(revision) },
  );
  // Only what its writer may show is noted: their own, the teachers', and what classmates let others use. A document
  // may name others, which it makes nobody see.
  await database.change(
    `INSERT INTO revision_pictures (revision_id, picture_id, description, caption, credit, licence)
     SELECT :revisionId, pictures.id, LEFT(named.description, 1000), LEFT(named.caption, 1000), LEFT(named.credit, 400),
       LEFT(named.licence, 40)
     FROM posts JOIN pictures ON pictures.class_id = posts.class_id
     JOIN JSON_TABLE(:named, '$[*]' COLUMNS (id VARCHAR(16) PATH '$.id', description TEXT PATH '$.description',
       caption TEXT PATH '$.caption', credit TEXT PATH '$.credit', licence TEXT PATH '$.licence')) AS named
       ON named.id = pictures.id
     LEFT JOIN memberships ON memberships.class_id = pictures.class_id AND memberships.person_id = pictures.uploaded_by
     WHERE posts.id = :postId AND (pictures.uploaded_by = posts.writer_id OR memberships.role IN ('teacher', 'coTeacher')
       OR EXISTS (SELECT 1 FROM revision_pictures AS shown
         JOIN publications ON publications.revision_id = shown.revision_id AND publications.until IS NULL
         WHERE shown.picture_id = pictures.id AND shown.licence IN ('free', 'withName')))`,
    { revisionId: revision.id, postId: revision.postId, named: JSON.stringify(pictures) },
  );
}

/** Forgets a revision that nothing points at, with what it says of its pictures. */
export async function deleteRevision(database: Database, id: string): Promise<void> {
  await database.change('DELETE FROM revision_pictures WHERE revision_id = :id', { id });
  await database.change('DELETE FROM revisions WHERE id = :id', { id });
}

export async function findRevision(database: Database, id: string): Promise<RevisionRow | null> {
  const [row] = await database.rows<StoredWriting<RevisionRow>>(
    `SELECT ${REVISION_COLUMNS} FROM revisions WHERE id = :id`,
    { id },
  );
  return row ? fromStored<RevisionRow>(row) : null;
}

export async function findLatestRevision(database: Database, postId: string): Promise<RevisionRow | null> {
  const [row] = await database.rows<StoredWriting<RevisionRow>>(
    `SELECT ${REVISION_COLUMNS} FROM revisions WHERE post_id = :postId AND kind <> 'branch' ORDER BY created_at DESC LIMIT 1`,
    { postId },
  );
  return row ? fromStored<RevisionRow>(row) : null;
}

/** When the latest revision of a post that is no branch was kept; null where there is none. */
export async function findLatestRevisionAt(database: Database, postId: string): Promise<Date | null> {
  const [row] = await database.rows<{ readonly at: Date | null }>(
    "SELECT MAX(created_at) AS at FROM revisions WHERE post_id = :postId AND kind <> 'branch'",
    { postId },
  );
  return row?.at ?? null;
}

/** Whose a post is, and in which class; null where there is none, or its writer is deleted. */
export async function findWriterOf(
  database: Database,
  id: string,
): Promise<Pick<PostRow, 'id' | 'classId' | 'writerId'> | null> {
  const [row] = await database.rows<Pick<PostRow, 'id' | 'classId' | 'writerId'>>(
    `SELECT id, class_id AS classId, writer_id AS writerId FROM posts WHERE id = :id AND ${OF_NOBODY_DELETED}`,
    { id },
  );
  return row ?? null;
}

/** When each revision of a post was kept, oldest first, without what it says. */
export async function listRevisionMoments(
  database: Database,
  postId: string,
): Promise<readonly Pick<RevisionRow, 'id' | 'kind' | 'createdAt'>[]> {
  return database.rows(
    'SELECT id, kind, created_at AS createdAt FROM revisions WHERE post_id = :postId ORDER BY created_at, id',
    { postId },
  );
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

export async function insertHandIn(database: Database, handIn: HandInRow): Promise<void> {
  await database.change(
    `INSERT INTO hand_ins (id, post_id, revision_id, ordinal, receipt, evidence, words, version, handed_in_at, taken_back_at)
     VALUES (:id, :postId, :revisionId, :ordinal, :receipt, :evidence, :words, :version, :handedInAt, :takenBackAt)`,
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

/** Lists and records arrive as JSON. */
type StoredWriting<Row> = Omit<Row, 'labels' | 'beside'> & {
  readonly labels: string;
  readonly beside: string;
};
type StoredEvidence = Omit<HandInRow, 'evidence'> & { readonly evidence: string };

function fromStored<Row extends Writing>(row: StoredWriting<Row>): Row {
  return {
    ...row,
    labels: JSON.parse(row.labels) as readonly string[],
    beside: besideOf(row.beside),
  } as unknown as Row;
}

/** What stands beside a post; posts from before have less of it. */
export function besideOf(json: string): Beside {
  return { ...NOTHING_BESIDE, ...(JSON.parse(json) as Partial<Beside>) };
}

function asStored({ labels, beside }: Writing): { readonly labels: string; readonly beside: string } {
  return { labels: JSON.stringify(labels), beside: JSON.stringify(beside) };
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
}

const STANDING = `posts.id AS postId, assignment_id AS assignmentId, writer_id AS writerId, stage, hand_ins.id AS handInId,
  ordinal, handed_in_at AS handedInAt`;

/** How each post of a class stands, but those of people deleted, with its latest hand-in; the longest waiting first. */
export async function listStandings(database: Database, classId: string): Promise<readonly StandingRow[]> {
  return database.rows(
    `SELECT ${STANDING} FROM posts LEFT JOIN hand_ins ON hand_ins.post_id = posts.id AND hand_ins.ordinal =
       (SELECT MAX(ordinal) FROM hand_ins AS latest WHERE latest.post_id = posts.id AND latest.taken_back_at IS NULL)
     WHERE posts.class_id = :classId AND ${OF_NOBODY_DELETED} ORDER BY handed_in_at, posts.id`,
    { classId },
  );
}

/** A hand-in that waits to be read, with what it was measured to be. */
export interface WaitingRow extends StandingRow {
  readonly handedInAt: Date;
  readonly evidence: Answer;
}

/** The posts of a class that wait to be read, but those of people deleted; the longest waiting first. */
export async function listWaiting(database: Database, classId: string): Promise<readonly WaitingRow[]> {
  const rows = await database.rows<Omit<WaitingRow, 'evidence'> & { readonly evidence: string }>(
    `SELECT ${STANDING}, evidence FROM posts JOIN hand_ins ON hand_ins.post_id = posts.id AND hand_ins.ordinal =
       (SELECT MAX(ordinal) FROM hand_ins AS latest WHERE latest.post_id = posts.id AND latest.taken_back_at IS NULL)
     WHERE posts.class_id = :classId AND stage = 'handedIn' AND ${OF_NOBODY_DELETED} ORDER BY handed_in_at, posts.id`,
    { classId },
  );
  return rows.map((row) => ({ ...row, evidence: JSON.parse(row.evidence) as Answer }));
}

/** How many posts were begun for each of some assignments; those without any are not named. */
export async function countBegun(
  database: Database,
  assignmentIds: readonly string[],
): Promise<ReadonlyMap<string, number>> {
  const rows = await database.rows<{ assignmentId: string; begun: number }>(
    `SELECT assignment_id AS assignmentId, COUNT(*) AS begun FROM posts
     JOIN JSON_TABLE(:ids, '$[*]' COLUMNS (id VARCHAR(16) PATH '$')) AS asked ON asked.id = assignment_id
     GROUP BY assignment_id`,
    { ids: JSON.stringify(assignmentIds) },
  );
  return new Map(rows.map((row) => [row.assignmentId, row.begun]));
}

export async function countWaiting(database: Database, classIds: readonly string[]): Promise<number> {
  const [row] = await database.rows<{ waiting: number }>(
    `SELECT COUNT(*) AS waiting FROM posts
     JOIN JSON_TABLE(:ids, '$[*]' COLUMNS (id VARCHAR(16) PATH '$')) AS asked ON asked.id = class_id
     WHERE stage = 'handedIn'`,
    { ids: JSON.stringify(classIds) },
  );
  return row?.waiting ?? 0;
}

/** The posts of one writer in a class. */
export async function listPostsOf(
  database: Database,
  classId: string,
  writerId: string,
): Promise<readonly PostRow[]> {
  const rows = await database.rows<StoredWriting<PostRow>>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE class_id = :classId AND writer_id = :writerId`,
    { classId, writerId },
  );
  return rows.map((row) => fromStored<PostRow>(row));
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

/** The bodies of what others handed in last for an assignment, as JSON text: what own words are compared with. */
export async function listOthersBodies(
  database: Database,
  assignmentId: string,
  writerId: string,
): Promise<readonly { readonly id: string; readonly body: string }[]> {
  return database.rows(
    `SELECT posts.id, revisions.body FROM posts
     JOIN hand_ins ON hand_ins.post_id = posts.id AND hand_ins.ordinal =
       (SELECT MAX(ordinal) FROM hand_ins AS latest WHERE latest.post_id = posts.id AND latest.taken_back_at IS NULL)
     JOIN revisions ON revisions.id = hand_ins.revision_id
     WHERE posts.assignment_id = :assignmentId AND posts.writer_id <> :writerId`,
    { assignmentId, writerId },
  );
}

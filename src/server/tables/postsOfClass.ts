import { groupedBy } from '../../core/groupedBy';
import type { Stage } from '../../core/posts/stage';
import type { Answer } from '../../core/requirements/answer';
import type { Database } from '../ground/database/database';
import { isHeld, WRITING } from '../ground/access/roles';
import { OF_NOTHING_DELETED, POST_COLUMNS, postFrom, type PostRow, type StoredPost } from './posts';
import { detailsFrom, evidenceFrom } from './columns';
import type { DetailNoted } from './handIns';
import { LATEST_HAND_IN } from './latestHandIn';
import { NOT_JUST_DECIDED } from './pendingDecisions';
import { idsFrom } from './idsFrom';

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

/** A post that waits to be read. */
export interface WaitingStandingRow extends StandingRow {
  /** Whether readers see an earlier hand-in of it. */
  readonly changesPublished: boolean;
  /** The personal details that were found in it. */
  readonly details: readonly DetailNoted[];
}

const STANDING = `posts.id AS postId, assignment_id AS assignmentId, writer_id AS writerId, stage, hand_ins.id AS handInId,
  ordinal, handed_in_at AS handedInAt`;
const WAITING = `${STANDING}, details, EXISTS (SELECT 1 FROM publications WHERE publications.post_id = posts.id AND until IS NULL
  AND publications.revision_id <> hand_ins.revision_id) AS changesPublished`;

/** How each post of a class stands, but those of people deleted, with its latest hand-in; the longest waiting first. */
export async function listStandings(database: Database, classId: string): Promise<readonly StandingRow[]> {
  return database.rows(
    `SELECT ${STANDING} FROM posts LEFT JOIN hand_ins ON ${LATEST_HAND_IN}
     WHERE posts.class_id = :classId AND ${OF_NOTHING_DELETED} ORDER BY handed_in_at, posts.id`,
    { classId },
  );
}

type StoredWaiting = Omit<WaitingStandingRow, 'details' | 'changesPublished'> & {
  readonly details: string;
  readonly changesPublished: number;
};

const waitingFrom = <Row extends StoredWaiting>({ details, changesPublished, ...row }: Row) => ({
  ...row,
  details: detailsFrom(details),
  changesPublished: changesPublished === 1,
});

/** The posts of a class that wait to be read, as `listStandings` has them, with what needs an eye. */
export async function listWaitingStandings(
  database: Database,
  classId: string,
): Promise<readonly WaitingStandingRow[]> {
  const rows = await database.rows<StoredWaiting>(
    `SELECT ${WAITING} FROM posts JOIN hand_ins ON ${LATEST_HAND_IN}
     WHERE posts.class_id = :classId AND stage = 'handedIn' AND ${NOT_JUST_DECIDED} AND ${OF_NOTHING_DELETED} ORDER BY handed_in_at, posts.id`,
    { classId },
  );
  return rows.map(waitingFrom);
}

/** How many posts of an assignment are how far, and how many of these are of students who are in the class now. */
export interface StageCount {
  readonly assignmentId: string;
  readonly stage: Stage;
  readonly posts: number;
  readonly ofStudents: number;
}

/**
 * The posts of a class, but those of people deleted, counted by assignment and stage. All of them are counted from the index alone; those
 * of people who are no students of the class now, few as a rule, are taken from that.
 */
export async function countStages(database: Database, classId: string): Promise<readonly StageCount[]> {
  const rows = await database.rows<
    Pick<StageCount, 'stage'> & {
      readonly assignmentId: string | null;
      readonly posts: string;
      readonly ofStudents: string;
    }
  >(
    `SELECT assignment_id AS assignmentId, stage, COUNT(*) AS posts, COUNT(*) AS ofStudents
     FROM posts FORCE INDEX (posts_stage) WHERE class_id = :classId GROUP BY stage, assignment_id
     UNION ALL
     SELECT assignment_id, stage, -SUM(deleted), -COUNT(*) FROM
       (SELECT person_id, MAX(deleted) AS deleted FROM
         (SELECT person_id, FALSE AS deleted FROM memberships
          WHERE class_id = :classId AND (role NOT IN ${WRITING} OR NOT ${isHeld()})
          UNION ALL SELECT id, TRUE FROM people WHERE deleted_at IS NOT NULL) AS each_gone
        GROUP BY person_id) AS gone
     STRAIGHT_JOIN posts ON posts.class_id = :classId AND posts.writer_id = gone.person_id
     GROUP BY stage, assignment_id`,
    { classId },
  );
  const sum = (numbers: readonly string[]) => numbers.reduce((all, one) => all + Number(one), 0);
  const counts = groupedBy(rows, ({ assignmentId, stage }) => `${assignmentId ?? ''} ${stage}`);
  return [...counts.values()].flatMap((those) => {
    const { assignmentId, stage } = those[0]!;
    const posts = sum(those.map((one) => one.posts));
    if (assignmentId === null || posts === 0) return [];
    return [{ assignmentId, stage, posts, ofStudents: sum(those.map((one) => one.ofStudents)) }];
  });
}

/** Who of the students of a class has begun no post for which of some assignments. */
export async function listNotBegun(
  database: Database,
  classId: string,
  assignmentIds: readonly string[],
): Promise<readonly { readonly assignmentId: string; readonly personId: string }[]> {
  if (assignmentIds.length === 0) return [];
  return database.rows(
    `SELECT asked.id AS assignmentId, person_id AS personId FROM memberships
     JOIN ${idsFrom(':ids')} AS asked
     WHERE class_id = :classId AND role IN ${WRITING} AND ${isHeld()}
       AND NOT EXISTS (SELECT 1 FROM posts WHERE posts.assignment_id = asked.id AND writer_id = person_id)
       AND NOT EXISTS (SELECT 1 FROM adjustments WHERE adjustments.assignment_id = asked.id
         AND adjustments.person_id = memberships.person_id AND excused_at IS NOT NULL)`,
    { classId, ids: JSON.stringify(assignmentIds) },
  );
}

/** What was handed in last in a class, the latest first, with its assignment's title, or its own where nobody asked for it. */
export async function listLatestHandedIn(
  database: Database,
  classId: string,
  most: number,
): Promise<readonly { readonly postId: string; readonly writerId: string; readonly assignment: string }[]> {
  return database.rows(
    `SELECT posts.id AS postId, writer_id AS writerId, COALESCE(assignments.title, posts.title) AS assignment
     FROM posts LEFT JOIN assignments ON assignments.id = assignment_id
     JOIN hand_ins ON ${LATEST_HAND_IN}
     WHERE posts.class_id = :classId AND ${OF_NOTHING_DELETED}
     ORDER BY handed_in_at DESC, posts.id LIMIT :most`,
    { classId, most },
  );
}

/** The posts of an assignment, but those of people deleted: whose, and how far. */
export async function listStagesOf(
  database: Database,
  assignmentId: string,
): Promise<readonly Pick<StandingRow, 'postId' | 'writerId' | 'stage'>[]> {
  return database.rows(
    `SELECT id AS postId, writer_id AS writerId, stage FROM posts
     WHERE assignment_id = :assignmentId AND ${OF_NOTHING_DELETED} ORDER BY begun_at, id`,
    { assignmentId },
  );
}

/** A hand-in that waits to be read, with what it was measured to be. */
export interface WaitingRow extends WaitingStandingRow {
  /** Whether who asks reads it a second time and is not done. */
  readonly second: boolean;
  readonly handedInAt: Date;
  readonly evidence: Answer;
}

/**
 * The posts of a class that wait to be read, but those of people deleted; the longest waiting first. Those that somebody reads a second
 * time wait for them, however far they are.
 */
export async function listWaiting(
  database: Database,
  { classId, readerId }: { readonly classId: string; readonly readerId: string },
): Promise<readonly WaitingRow[]> {
  const rows = await database.rows<
    StoredWaiting & { readonly handedInAt: Date; readonly evidence: string; readonly second: number }
  >(
    `SELECT ${WAITING}, evidence, EXISTS (SELECT 1 FROM second_readings WHERE second_readings.post_id = posts.id
       AND reader_id = :readerId AND done_at IS NULL) AS second
     FROM posts JOIN hand_ins ON ${LATEST_HAND_IN}
     WHERE posts.class_id = :classId AND stage = 'handedIn' AND ${NOT_JUST_DECIDED} AND ${OF_NOTHING_DELETED}
     UNION
     SELECT ${WAITING}, evidence, TRUE FROM second_readings JOIN posts ON posts.id = second_readings.post_id
     JOIN hand_ins ON ${LATEST_HAND_IN}
     WHERE reader_id = :readerId AND done_at IS NULL AND posts.class_id = :classId AND ${OF_NOTHING_DELETED}
     ORDER BY handedInAt, postId`,
    { classId, readerId },
  );
  return rows.map((row) => ({
    ...waitingFrom(row),
    evidence: evidenceFrom(row.evidence),
    second: row.second === 1,
  }));
}

/** How many posts were begun for each of some assignments; those without any are not named. */
export async function countBegun(
  database: Database,
  assignmentIds: readonly string[],
): Promise<ReadonlyMap<string, number>> {
  const rows = await database.rows<{ assignmentId: string; begun: number }>(
    `SELECT assignment_id AS assignmentId, COUNT(*) AS begun FROM posts
     JOIN ${idsFrom(':ids')} AS asked ON asked.id = assignment_id
     GROUP BY assignment_id`,
    { ids: JSON.stringify(assignmentIds) },
  );
  return new Map(rows.map((row) => [row.assignmentId, row.begun]));
}

/** How many posts lie on the pile of somebody who teaches some classes: see `listWaiting`. */
export async function countWaiting(
  database: Database,
  { classIds, readerId }: { readonly classIds: readonly string[]; readonly readerId: string },
): Promise<number> {
  const [row] = await database.rows<{ waiting: number }>(
    `SELECT (SELECT COUNT(*) FROM posts
       JOIN ${idsFrom(':ids')} AS asked ON asked.id = class_id
       WHERE stage = 'handedIn' AND ${NOT_JUST_DECIDED} AND ${OF_NOTHING_DELETED})
     + (SELECT COUNT(*) FROM second_readings JOIN posts ON posts.id = second_readings.post_id
       JOIN ${idsFrom(':ids')} AS asked ON asked.id = class_id
       WHERE reader_id = :readerId AND done_at IS NULL
         AND NOT (stage = 'handedIn' AND ${NOT_JUST_DECIDED}) AND ${OF_NOTHING_DELETED}) AS waiting`,
    { ids: JSON.stringify(classIds), readerId },
  );
  return row?.waiting ?? 0;
}

/** Of each class that goes on, how many posts wait to be read, and since when the oldest does; who waits longest first. */
export async function listWaitingByClass(database: Database): Promise<
  readonly {
    readonly classId: string;
    readonly title: string;
    readonly groupName: string;
    readonly timeZone: string;
    readonly waiting: number;
    readonly oldestAt: Date | null;
  }[]
> {
  return database.rows(
    `SELECT classes.id AS classId, classes.title, classes.group_name AS groupName, classes.time_zone AS timeZone,
       COALESCE(waiting, 0) AS waiting, oldestAt
     FROM classes LEFT JOIN
       (SELECT posts.class_id, COUNT(*) AS waiting, MIN(handed_in_at) AS oldestAt FROM posts JOIN hand_ins ON ${LATEST_HAND_IN}
        WHERE stage = 'handedIn' AND ${NOT_JUST_DECIDED} AND ${OF_NOTHING_DELETED} GROUP BY posts.class_id) AS counted ON counted.class_id = classes.id
     WHERE classes.deleted_at IS NULL AND classes.rested_at IS NULL
     ORDER BY oldestAt IS NULL, oldestAt, classes.title`,
  );
}

/** The posts of one writer in a class. */
export async function listPostsOf(
  database: Database,
  classId: string,
  writerId: string,
): Promise<readonly PostRow[]> {
  const rows = await database.rows<StoredPost>(
    `SELECT ${POST_COLUMNS} FROM posts WHERE class_id = :classId AND writer_id = :writerId`,
    { classId, writerId },
  );
  return rows.map(postFrom);
}

export interface LeftPostRow {
  readonly postId: string;
  readonly title: string;
  /** Its own title where nobody asked for it. */
  readonly assignmentTitle: string;
  readonly classTitle: string;
  readonly savedAt: Date;
  readonly timeZone: string;
  readonly language: string;
}

/** The posts that somebody wrote in classes that they are not in any more, the latest first. */
export async function listLeftPosts(database: Database, personId: string): Promise<readonly LeftPostRow[]> {
  return database.rows<LeftPostRow>(
    `SELECT posts.id AS postId, posts.title, COALESCE(assignments.title, posts.title) AS assignmentTitle,
       classes.title AS classTitle,
       posts.saved_at AS savedAt, time_zone AS timeZone, language
     FROM posts JOIN classes ON classes.id = posts.class_id AND deleted_at IS NULL
     LEFT JOIN assignments ON assignments.id = assignment_id
     JOIN memberships ON memberships.class_id = posts.class_id AND person_id = writer_id AND left_at IS NOT NULL
     WHERE writer_id = :personId ORDER BY posts.saved_at DESC`,
    { personId },
  );
}

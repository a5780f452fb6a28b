import { groupedBy } from '../../core/groupedBy';
import type { Judgement } from '../../core/requirements/post';
import type { Overruling } from '../../core/requirements/overrule';
import type { Database } from '../ground/database/database';
import { amongPostsOf, type PostsOf } from './postsOf';
import { idsFrom } from './idsFrom';

export interface JudgementRow {
  readonly criterionId: string;
  readonly level: number;
}

/** Of a post that is read twice: the teachers who read it first, or the one who reads it a second time. */
export type Whose = 'first' | 'second';

/** Who judged, and when. */
interface By {
  readonly postId: string;
  readonly by: string;
  readonly at: Date;
}

/** The levels of a post that its teachers chose: of several who judged a criterion, the last one's. */
export async function listJudgements(
  database: Database,
  postId: string,
  whose: Whose = 'first',
): Promise<readonly JudgementRow[]> {
  return database.rows<JudgementRow>(
    `SELECT criterion_id AS criterionId, level FROM (${latestOf('judgements', 'criterion_id', 'level', whose)}) AS latest
     WHERE place = 1 AND level IS NOT NULL`,
    { postId },
  );
}

/** The same for all posts of an assignment or a class, by post. */
export async function listJudgementsOf(
  database: Database,
  asked: PostsOf,
  whose: Whose = 'first',
): Promise<ReadonlyMap<string, readonly JudgementRow[]>> {
  const rows = await database.rows<JudgementRow & { readonly postId: string }>(
    `SELECT post_id AS postId, criterion_id AS criterionId, level
     FROM (${latestOf('judgements', 'criterion_id', 'level', whose, amongThose(asked))}) AS latest
     WHERE place = 1 AND level IS NOT NULL`,
    asked,
  );
  return groupedBy(rows, ({ postId }) => postId);
}

/** Notes the level that a reader chose; null takes a judgement back, whoever made it. The post is held by the caller. */
export async function upsertJudgement(
  database: Database,
  judgement: By & { readonly criterionId: string; readonly level: number | null },
): Promise<void> {
  await database.change(
    `INSERT INTO judgements (post_id, criterion_id, reader_id, level, judged_at, ordinal)
     SELECT :postId, :criterionId, :by, :level, :at, ${next('judgements', 'criterion_id = :criterionId')}
     ON DUPLICATE KEY UPDATE level = :level, judged_at = :at, ordinal = VALUES(ordinal)`,
    { ...judgement },
  );
}

/** What teachers said to the requirements of a post that are looked for by eye, by the requirement's id; the last word of each. */
export async function findRequirementJudgements(
  database: Database,
  postId: string,
  whose: Whose = 'first',
): Promise<Readonly<Record<string, Judgement>>> {
  const rows = await database.rows<{ id: string; judgement: Judgement }>(
    `SELECT requirement_id AS id, judgement
     FROM (${latestOf('requirement_judgements', 'requirement_id', 'judgement', whose)}) AS latest
     WHERE place = 1 AND judgement IS NOT NULL`,
    { postId },
  );
  return Object.fromEntries(rows.map((row) => [row.id, row.judgement]));
}

/** The same for all posts of an assignment or a class, by post. */
export async function listRequirementJudgementsOf(
  database: Database,
  asked: PostsOf,
  whose: Whose = 'first',
): Promise<ReadonlyMap<string, Readonly<Record<string, Judgement>>>> {
  const rows = await database.rows<{ postId: string; id: string; judgement: Judgement }>(
    `SELECT post_id AS postId, requirement_id AS id, judgement
     FROM (${latestOf('requirement_judgements', 'requirement_id', 'judgement', whose, amongThose(asked))}) AS latest
     WHERE place = 1 AND judgement IS NOT NULL`,
    asked,
  );
  return new Map(
    [...groupedBy(rows, ({ postId }) => postId)].map(([postId, said]) => [
      postId,
      Object.fromEntries(said.map(({ id, judgement }) => [id, judgement])),
    ]),
  );
}

/** Notes what a reader said; null takes it back, whoever said it. The post is held by the caller. */
export async function upsertRequirementJudgement(
  database: Database,
  judgement: By & {
    readonly requirementId: string;
    readonly judgement: Judgement | null;
    /** Why it counts otherwise than the machine found; null for what is looked for by eye. */
    readonly reason: string | null;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO requirement_judgements (post_id, requirement_id, reader_id, judgement, reason, judged_at, ordinal)
     SELECT :postId, :requirementId, :by, :judgement, :reason, :at,
       ${next('requirement_judgements', 'requirement_id = :requirementId')}
     ON DUPLICATE KEY UPDATE judgement = :judgement, reason = :reason, judged_at = :at, ordinal = VALUES(ordinal)`,
    { ...judgement },
  );
}

/** What teachers count otherwise than the machine found, by the requirement's id, with when; the last word of each. */
export async function findOverrulings(
  database: Database,
  postId: string,
  whose: Whose = 'first',
): Promise<Readonly<Record<string, Overruling & { readonly at: Date }>>> {
  const rows = await database.rows<{ id: string; judgement: Judgement; reason: string; at: Date }>(
    `SELECT requirement_id AS id, judgement, reason, judged_at AS at
     FROM (${latestOf('requirement_judgements', 'requirement_id', 'judgement, reason, judged_at', whose)}) AS latest
     WHERE place = 1 AND judgement IS NOT NULL AND reason IS NOT NULL`,
    { postId },
  );
  return Object.fromEntries(
    rows.map(({ id, judgement, reason, at }) => [id, { met: judgement === 'yes', reason, at }]),
  );
}

/** The same for all posts of an assignment or a class, by post. */
export async function listOverrulingsOf(
  database: Database,
  asked: PostsOf,
  whose: Whose = 'first',
): Promise<ReadonlyMap<string, Readonly<Record<string, Overruling>>>> {
  const rows = await database.rows<{ postId: string; id: string; judgement: Judgement; reason: string }>(
    `SELECT post_id AS postId, requirement_id AS id, judgement, reason
     FROM (${latestOf('requirement_judgements', 'requirement_id', 'judgement, reason', whose, amongThose(asked))}) AS latest
     WHERE place = 1 AND judgement IS NOT NULL AND reason IS NOT NULL`,
    asked,
  );
  return new Map(
    [...groupedBy(rows, ({ postId }) => postId)].map(([postId, said]) => [
      postId,
      Object.fromEntries(said.map(({ id, judgement, reason }) => [id, { met: judgement === 'yes', reason }])),
    ]),
  );
}

/** The posts of an assignment of which a teacher has judged something. */
export async function listJudgedBy(
  database: Database,
  asked: { readonly assignmentId: string; readonly readerId: string },
): Promise<ReadonlySet<string>> {
  const rows = await database.rows<{ readonly postId: string }>(
    `SELECT post_id AS postId FROM judgements WHERE reader_id = :readerId AND ${amongThose(asked)}
     UNION SELECT post_id FROM requirement_judgements WHERE reader_id = :readerId AND ${amongThose(asked)}`,
    asked,
  );
  return new Set(rows.map(({ postId }) => postId));
}

/** Forgets what was judged in the second readings of some posts, before these are taken back. */
export async function deleteSecondJudgements(database: Database, postIds: readonly string[]): Promise<void> {
  for (const table of ['judgements', 'requirement_judgements'])
    await database.change(
      `DELETE ${table} FROM ${table}
       JOIN ${idsFrom(':ids')} AS asked ON asked.id = ${table}.post_id
       JOIN second_readings ON second_readings.post_id = asked.id AND second_readings.reader_id = ${table}.reader_id`,
      { ids: JSON.stringify(postIds) },
    );
}

function amongThose(asked: PostsOf): string {
  return `post_id IN (SELECT id FROM posts WHERE ${amongPostsOf(asked)})`;
}

/** What was judged of some posts, each reader's, with its place among those of the same thing: 1 for the last. */
function latestOf(
  table: string,
  of: string,
  said: string,
  whose: Whose,
  where = 'post_id = :postId',
): string {
  const bySecond = `EXISTS (SELECT 1 FROM second_readings
    WHERE second_readings.post_id = ${table}.post_id AND second_readings.reader_id = ${table}.reader_id)`;
  return `SELECT post_id, ${of}, ${said}, ROW_NUMBER() OVER (PARTITION BY post_id, ${of} ORDER BY ordinal DESC) AS place
    FROM ${table} WHERE ${where} AND ${whose === 'second' ? bySecond : `NOT ${bySecond}`}`;
}

/** The number of what is said next of the same thing. */
function next(table: string, same: string): string {
  return `(SELECT COALESCE(MAX(ordinal), 0) + 1 FROM ${table} AS before_it WHERE post_id = :postId AND ${same})`;
}

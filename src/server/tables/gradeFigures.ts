import { groupedBy } from '../../core/groupedBy';
import type { Grade } from '../../core/grading/grade';
import type { Database } from '../ground/database/database';
import { maybe } from '../ground/input/column';
import { gradeFrom } from './columns';
import { amongPostsOf, type PostsOf } from './postsOf';
import { idsFrom } from './idsFrom';

export interface GradeRow {
  readonly overrideGrade: number | null;
  readonly overrideReason: string | null;
  readonly givenBackAt: Date | null;
  /** The grade as it was given back; later judgements do not change it. */
  readonly givenBack: Grade | null;
  /** What was given back before that, and why it changed; null where there was nothing before. */
  readonly changed: { readonly before: Grade; readonly reason: string } | null;
}

export async function findGrade(database: Database, postId: string): Promise<GradeRow | null> {
  const [row] = await database.rows<{
    overrideGrade: string | null;
    overrideReason: string | null;
    givenBackAt: Date | null;
    givenBack: string | null;
    before: string | null;
    changeReason: string | null;
  }>(
    `SELECT said.figure AS overrideGrade, said.reason AS overrideReason, back.given_back_at AS givenBackAt,
       back.made_of AS givenBack, back.change_reason AS changeReason, earlier.made_of AS \`before\`
     FROM grade_figures AS said LEFT JOIN grade_figures AS back ON back.post_id = said.post_id
       AND back.ordinal = (SELECT MAX(ordinal) FROM grade_figures AS last
                           WHERE last.post_id = said.post_id AND last.given_back_at IS NOT NULL)
     LEFT JOIN grade_figures AS earlier ON earlier.post_id = said.post_id
       AND earlier.ordinal = (SELECT MAX(ordinal) FROM grade_figures AS last WHERE last.post_id = said.post_id
                              AND last.given_back_at IS NOT NULL AND last.ordinal < back.ordinal)
     WHERE said.post_id = :postId ORDER BY said.ordinal DESC LIMIT 1`,
    { postId },
  );
  if (!row) return null;
  const { overrideGrade, before, changeReason, ...rest } = row;
  return {
    ...rest,
    overrideGrade: overrideGrade === null ? null : Number(overrideGrade),
    givenBack: maybe(gradeFrom)(row.givenBack),
    changed: before === null ? null : { before: gradeFrom(before), reason: changeReason ?? '' },
  };
}

/** A grade as its student was told it, and what was told before. */
export interface ToldGradeRow {
  readonly writerId: string;
  readonly assignmentId: string;
  readonly postId: string;
  readonly grade: Grade;
  readonly at: Date;
  /** What was given back before that, and why it changed; null where there was nothing before. */
  readonly changed: { readonly before: Grade; readonly reason: string } | null;
}

/** What some students were told of their posts for the assignments of a class. */
export async function listToldGrades(
  database: Database,
  classId: string,
  writerIds: readonly string[],
): Promise<readonly ToldGradeRow[]> {
  const rows = await database.rows<{
    readonly writerId: string;
    readonly assignmentId: string;
    readonly postId: string;
    readonly madeOf: string;
    readonly at: Date;
    readonly reason: string | null;
  }>(
    `SELECT writer_id AS writerId, assignment_id AS assignmentId, post_id AS postId, made_of AS madeOf, given_back_at AS at,
       change_reason AS reason
     FROM ${idsFrom(':ids')} AS asked JOIN posts ON writer_id = asked.id
     JOIN grade_figures ON post_id = posts.id WHERE class_id = :classId AND assignment_id IS NOT NULL AND given_back_at IS NOT NULL
     ORDER BY ordinal`,
    { classId, ids: JSON.stringify(writerIds) },
  );
  return [...groupedBy(rows, ({ postId }) => postId).values()].map((told) => {
    const [last, before] = [told.at(-1)!, told.at(-2)];
    return {
      ...{ writerId: last.writerId, assignmentId: last.assignmentId, postId: last.postId, at: last.at },
      grade: gradeFrom(last.madeOf),
      changed: before ? { before: gradeFrom(before.madeOf), reason: last.reason ?? '' } : null,
    };
  });
}

/** Who said something last about the figure of each of some posts, or judged it, and when; with the reason, where one was given. */
export async function listLastSaid(
  database: Database,
  postIds: readonly string[],
): Promise<ReadonlyMap<string, { readonly by: string; readonly at: Date; readonly reason: string | null }>> {
  const rows = await database.rows<{
    readonly postId: string;
    readonly by: string;
    readonly at: Date;
    readonly reason: string | null;
  }>(
    `SELECT postId, \`by\`, at, reason FROM (
       SELECT post_id AS postId, reader_id AS \`by\`, at, IF(figure IS NULL, NULL, reason) AS reason FROM grade_figures
       WHERE given_back_at IS NULL
       -- What who reads a second time judged is not told here.
       UNION ALL SELECT post_id, reader_id, judged_at, NULL FROM judgements WHERE NOT EXISTS (SELECT 1 FROM second_readings
         WHERE second_readings.post_id = judgements.post_id AND second_readings.reader_id = judgements.reader_id)) AS said
     JOIN ${idsFrom(':ids')} AS asked ON asked.id = said.postId ORDER BY at`,
    { ids: JSON.stringify(postIds) },
  );
  // The last one of each stands.
  return new Map(rows.map(({ postId, ...said }) => [postId, said]));
}

/** The grades that were given back for some posts, by post; the last one of each. */
export async function listGivenBack(
  database: Database,
  postIds: readonly string[],
): Promise<ReadonlyMap<string, Pick<Grade, 'grade' | 'possible'>>> {
  const rows = await database.rows<{ readonly postId: string; readonly givenBack: string }>(
    `SELECT post_id AS postId, made_of AS givenBack FROM grade_figures
     JOIN ${idsFrom(':ids')} AS asked ON asked.id = post_id
     WHERE given_back_at IS NOT NULL AND ordinal = (SELECT MAX(ordinal) FROM grade_figures AS last
       WHERE last.post_id = grade_figures.post_id AND last.given_back_at IS NOT NULL)`,
    { ids: JSON.stringify(postIds) },
  );
  return new Map(rows.map((row) => [row.postId, gradeFrom(row.givenBack)]));
}

/** For each post of an assignment or a class of which a figure was said or given back: what a teacher said instead, and what was given back last. */
export async function listFiguresOf(
  database: Database,
  asked: PostsOf,
): Promise<ReadonlyMap<string, Pick<GradeRow, 'overrideGrade' | 'overrideReason' | 'givenBack'>>> {
  const rows = await database.rows<{
    readonly postId: string;
    readonly figure: string | null;
    readonly reason: string | null;
    readonly madeOf: string | null;
  }>(
    `SELECT post_id AS postId, figure, grade_figures.reason, IF(given_back_at IS NULL, NULL, made_of) AS madeOf
     FROM grade_figures JOIN posts ON posts.id = post_id WHERE ${amongPostsOf(asked)} ORDER BY ordinal`,
    asked,
  );
  return new Map(
    [...groupedBy(rows, ({ postId }) => postId)].map(([postId, said]) => {
      const last = said.at(-1);
      const back = said.findLast(({ madeOf }) => madeOf !== null);
      return [
        postId,
        {
          overrideGrade: last?.figure == null ? null : Number(last.figure),
          overrideReason: last?.reason ?? null,
          givenBack: maybe(gradeFrom)(back?.madeOf ?? null),
        },
      ];
    }),
  );
}

/** Adds a figure of a teacher's own, or with null for it that the computed one holds again. The post is held by the caller. */
export async function insertFigure(
  database: Database,
  said: {
    readonly postId: string;
    readonly figure: number | null;
    readonly reason: string | null;
    readonly by: string;
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO grade_figures (post_id, ordinal, reader_id, figure, reason, at)
     SELECT :postId, COALESCE(MAX(ordinal), 0) + 1, :by, :figure, :reason, :at FROM grade_figures WHERE post_id = :postId`,
    said,
  );
}

/** Adds that a grade was given back, as it stands at that moment; the figure that holds goes on to hold. */
export async function insertGivenBack(
  database: Database,
  {
    givenBack,
    ...given
  }: {
    readonly postId: string;
    readonly givenBack: Grade;
    /** Why it is another one than was given back before; null for the first. */
    readonly changeReason: string | null;
    readonly by: string;
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO grade_figures (post_id, ordinal, reader_id, figure, reason, made_of, at, given_back_at, change_reason)
     SELECT :postId, COALESCE(MAX(ordinal), 0) + 1, :by,
       (SELECT figure FROM grade_figures AS held WHERE held.post_id = :postId ORDER BY ordinal DESC LIMIT 1),
       (SELECT reason FROM grade_figures AS held WHERE held.post_id = :postId ORDER BY ordinal DESC LIMIT 1),
       :madeOf, :at, :at, :changeReason
     FROM grade_figures WHERE post_id = :postId`,
    { ...given, madeOf: JSON.stringify(givenBack) },
  );
}

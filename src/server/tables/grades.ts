import type { Grade } from '../../core/grading/grade';
import type { Database } from '../ground/database/database';

export interface GradeRow {
  readonly overrideGrade: number | null;
  readonly overrideReason: string | null;
  readonly givenBackAt: Date | null;
  /** The grade as it was given back; later judgements do not change it. */
  readonly givenBack: Grade | null;
}

export async function findGrade(database: Database, postId: string): Promise<GradeRow | null> {
  const [row] = await database.rows<
    Omit<GradeRow, 'givenBack' | 'overrideGrade'> & { givenBack: string | null; overrideGrade: string | null }
  >(
    `SELECT override_grade AS overrideGrade, override_reason AS overrideReason, given_back_at AS givenBackAt,
       given_back AS givenBack FROM grades WHERE post_id = :postId`,
    { postId },
  );
  if (!row) return null;
  return {
    ...row,
    overrideGrade: row.overrideGrade === null ? null : Number(row.overrideGrade),
    givenBack: row.givenBack === null ? null : (JSON.parse(row.givenBack) as Grade),
  };
}

/** The grades that were given back for some posts, by post. */
export async function listGivenBack(
  database: Database,
  postIds: readonly string[],
): Promise<ReadonlyMap<string, Pick<Grade, 'grade' | 'possible'>>> {
  const rows = await database.rows<{ readonly postId: string; readonly givenBack: string }>(
    `SELECT post_id AS postId, given_back AS givenBack FROM grades
     JOIN JSON_TABLE(:ids, '$[*]' COLUMNS (id VARCHAR(16) PATH '$')) AS asked ON asked.id = post_id
     WHERE given_back_at IS NOT NULL AND given_back IS NOT NULL`,
    { ids: JSON.stringify(postIds) },
  );
  return new Map(rows.map((row) => [row.postId, JSON.parse(row.givenBack) as Grade]));
}

export async function upsertOverride(
  database: Database,
  grade: {
    readonly postId: string;
    readonly overrideGrade: number | null;
    readonly overrideReason: string | null;
    readonly by: string;
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO grades (post_id, override_grade, override_reason, given_back_at, given_back, set_by, set_at)
     VALUES (:postId, :overrideGrade, :overrideReason, NULL, NULL, :by, :at)
     ON DUPLICATE KEY UPDATE override_grade = :overrideGrade, override_reason = :overrideReason, set_by = :by, set_at = :at`,
    grade,
  );
}

export async function upsertGivenBack(
  database: Database,
  grade: { readonly postId: string; readonly givenBack: Grade; readonly by: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO grades (post_id, override_grade, override_reason, given_back_at, given_back, set_by, set_at)
     VALUES (:postId, NULL, NULL, :at, :givenBack, :by, :at)
     ON DUPLICATE KEY UPDATE given_back_at = :at, given_back = :givenBack`,
    { ...grade, givenBack: JSON.stringify(grade.givenBack) },
  );
}

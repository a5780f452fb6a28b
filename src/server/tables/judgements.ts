import type { Judgement } from '../../core/requirements/post';
import type { Database } from '../ground/database/database';

export interface JudgementRow {
  readonly criterionId: string;
  readonly level: number;
}

export async function listJudgements(database: Database, postId: string): Promise<readonly JudgementRow[]> {
  return database.rows<JudgementRow>(
    'SELECT criterion_id AS criterionId, level FROM judgements WHERE post_id = :postId',
    { postId },
  );
}

export async function upsertJudgement(
  database: Database,
  judgement: JudgementRow & { readonly postId: string; readonly by: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO judgements (post_id, criterion_id, level, judged_by, judged_at)
     VALUES (:postId, :criterionId, :level, :by, :at)
     ON DUPLICATE KEY UPDATE level = :level, judged_by = :by, judged_at = :at`,
    { ...judgement },
  );
}

export async function deleteJudgement(
  database: Database,
  postId: string,
  criterionId: string,
): Promise<void> {
  await database.change('DELETE FROM judgements WHERE post_id = :postId AND criterion_id = :criterionId', {
    postId,
    criterionId,
  });
}

/** What teachers said to the requirements of a post that are looked for by eye, by the requirement's id. */
export async function findRequirementJudgements(
  database: Database,
  postId: string,
): Promise<Readonly<Record<string, Judgement>>> {
  const rows = await database.rows<{ id: string; judgement: Judgement }>(
    'SELECT requirement_id AS id, judgement FROM requirement_judgements WHERE post_id = :postId',
    { postId },
  );
  return Object.fromEntries(rows.map((row) => [row.id, row.judgement]));
}

export async function upsertRequirementJudgement(
  database: Database,
  judgement: {
    readonly postId: string;
    readonly requirementId: string;
    readonly judgement: Judgement;
    readonly by: string;
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO requirement_judgements (post_id, requirement_id, judgement, judged_by, judged_at)
     VALUES (:postId, :requirementId, :judgement, :by, :at)
     ON DUPLICATE KEY UPDATE judgement = :judgement, judged_by = :by, judged_at = :at`,
    judgement,
  );
}

export async function deleteRequirementJudgement(
  database: Database,
  postId: string,
  requirementId: string,
): Promise<void> {
  await database.change(
    'DELETE FROM requirement_judgements WHERE post_id = :postId AND requirement_id = :requirementId',
    { postId, requirementId },
  );
}

import type { Grade } from '../../core/grading/grade';
import type { Judgement } from '../../core/requirements/post';
import type { Database } from '../database/database';

export interface GradeRow {
  readonly overrideGrade: number | null;
  readonly overrideReason: string | null;
  readonly givenBackAt: Date | null;
  /** The grade as it was given back; later judgements do not change it. */
  readonly givenBack: Grade | null;
}

export interface NoteRow {
  readonly id: string;
  readonly handInId: string;
  readonly authorId: string;
  readonly text: string;
  readonly createdAt: Date;
}

export interface JudgementRow {
  readonly criterionId: string;
  readonly level: number;
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

/** How many notes some posts have, and the beginning of the latest, by post; posts without any are not named. */
export async function listNotesBriefly(
  database: Database,
  postIds: readonly string[],
  { characters }: { readonly characters: number },
): Promise<ReadonlyMap<string, { readonly count: number; readonly last: string }>> {
  const rows = await database.rows<{
    readonly postId: string;
    readonly count: number;
    readonly last: string;
  }>(
    `SELECT post_id AS postId, COUNT(*) AS count,
       (SELECT LEFT(text, :characters) FROM notes AS latest WHERE latest.post_id = notes.post_id
        ORDER BY created_at DESC, id DESC LIMIT 1) AS last
     FROM notes JOIN JSON_TABLE(:ids, '$[*]' COLUMNS (id VARCHAR(16) PATH '$')) AS asked ON asked.id = post_id
     GROUP BY post_id`,
    { ids: JSON.stringify(postIds), characters },
  );
  return new Map(rows.map(({ postId, ...row }) => [postId, row]));
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

export async function insertReading(
  database: Database,
  reading: { readonly handInId: string; readonly teacherId: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO readings (hand_in_id, teacher_id, first_read_at) VALUES (:handInId, :teacherId, :at)
     ON DUPLICATE KEY UPDATE teacher_id = teacher_id`,
    reading,
  );
}

export async function insertDecision(
  database: Database,
  decision: {
    readonly id: string;
    readonly handInId: string;
    readonly teacherId: string;
    readonly decision: 'sentBack' | 'accepted';
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO decisions (id, hand_in_id, teacher_id, decision, at)
     VALUES (:id, :handInId, :teacherId, :decision, :at)`,
    decision,
  );
}

/** What a teacher decided last about a hand-in, or null while nobody has. */
export async function findDecision(
  database: Database,
  handInId: string,
): Promise<'sentBack' | 'accepted' | null> {
  const [row] = await database.rows<{ decision: 'sentBack' | 'accepted' }>(
    'SELECT decision FROM decisions WHERE hand_in_id = :handInId ORDER BY at DESC, id LIMIT 1',
    { handInId },
  );
  return row?.decision ?? null;
}

export async function insertNote(
  database: Database,
  note: NoteRow & { readonly postId: string },
): Promise<void> {
  await database.change(
    `INSERT INTO notes (id, post_id, hand_in_id, author_id, text, created_at)
     VALUES (:id, :postId, :handInId, :authorId, :text, :createdAt)`,
    { ...note },
  );
}

/** The note with the same words that somebody wrote on a hand-in since a moment; its id. */
export async function findSameNote(
  database: Database,
  said: Pick<NoteRow, 'handInId' | 'authorId' | 'text'> & { readonly since: Date },
): Promise<string | null> {
  const [row] = await database.rows<{ readonly id: string }>(
    `SELECT id FROM notes WHERE hand_in_id = :handInId AND author_id = :authorId AND created_at > :since
       AND BINARY text = BINARY :text LIMIT 1`,
    { ...said },
  );
  return row?.id ?? null;
}

/** The notes of a post, oldest first. */
export async function listNotes(
  database: Database,
  postId: string,
): Promise<readonly (NoteRow & { readonly givenName: string; readonly familyName: string })[]> {
  return database.rows(
    `SELECT notes.id, hand_in_id AS handInId, author_id AS authorId, text, notes.created_at AS createdAt,
       given_name AS givenName, family_name AS familyName
     FROM notes JOIN people ON people.id = notes.author_id WHERE post_id = :postId ORDER BY notes.created_at`,
    { postId },
  );
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

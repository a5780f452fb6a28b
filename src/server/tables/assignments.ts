import { settingsOf, type AssignmentSettings } from '../../core/assignments/assignmentSettings';
import type { SeriesRule } from '../../core/assignments/series';
import type { Database } from '../ground/database/database';
import { assignmentColumns, documentFrom, textsFrom } from './columns';

export interface AssignmentRow extends AssignmentSettings {
  readonly id: string;
  readonly classId: string;
  readonly dueAt: Date | null;
  readonly setAt: Date | null;
  readonly openedAt: Date | null;
  readonly version: number;
  /** The same for one assignment in several classes; null where it is given to one. */
  readonly sharedId: string | null;
  /** How it is repeated; students never see such an assignment itself. */
  readonly series: SeriesRule | null;
  /** The assignment that it is a repetition of. */
  readonly seriesId: string | null;
  /** The day that it is for, `2026-09-14`, and its week; null where it is no repetition. */
  readonly lessonDate: string | null;
  readonly week: number | null;
  /** When it is set by itself; null where a teacher sets it. */
  readonly opensAt: Date | null;
  /** Since when it is out of the way: nobody begins it any more, and what was begun stays. */
  readonly putAwayAt: Date | null;
  /** In which category its column of the gradebook counts; null for none. */
  readonly categoryId: string | null;
}

/** An assignment that stands for itself: given to one class, and not repeated. */
export const FOR_ITSELF = {
  sharedId: null,
  series: null,
  seriesId: null,
  lessonDate: null,
  week: null,
  opensAt: null,
  putAwayAt: null,
  categoryId: null,
} as const;

export type StoredAssignment = Omit<
  AssignmentRow,
  | 'instructions'
  | 'model'
  | 'starters'
  | 'outline'
  | 'requirements'
  | 'rubric'
  | 'lateRule'
  | 'draftsOpen'
  | 'hidesNames'
  | 'growing'
> & {
  readonly starters: string;
  readonly outline: string;
  readonly requirements: string;
  readonly rubric: string;
  readonly lateRule: string;
  readonly draftsOpen: number;
  readonly hidesNames: number;
  readonly growing: string | null;
  readonly instructions: string;
  readonly model: string | null;
  readonly series: string | null;
};

/** What is to be seen from a moment on is set from then on, whether or not the job that notes it has run. Asks for `:now`. */
export const ASSIGNMENT_COLUMNS = `id, class_id AS classId, number, title, instructions, starters, outline, due_at AS dueAt, requirements, rubric,
  late_rule AS lateRule, audience, release_rule AS \`release\`, missing_rule AS missing, drafts_open AS draftsOpen, hides_names AS hidesNames, picture_width AS pictureWidth, growing, model, shared_id AS sharedId, series,
  series_id AS seriesId, DATE_FORMAT(lesson_date, '%Y-%m-%d') AS lessonDate, week, opens_at AS opensAt,
  IF(set_at IS NULL AND opens_at <= :now, opens_at, set_at) AS setAt, opened_at AS openedAt, put_away_at AS putAwayAt,
  category_id AS categoryId, version`;

/** What is deleted is nowhere while it may still be brought back. */
export const NOT_DELETED = 'deleted_at IS NULL';

export async function findAssignment(
  database: Database,
  id: string,
  now: Date,
): Promise<AssignmentRow | null> {
  const [row] = await database.rows<StoredAssignment>(
    `SELECT ${ASSIGNMENT_COLUMNS} FROM assignments WHERE id = :id AND ${NOT_DELETED}`,
    { id, now },
  );
  return row ? assignmentFrom(row) : null;
}

/** The class of an assignment and those that it is given to. */
export async function listClassesOfAssignment(database: Database, id: string): Promise<readonly string[]> {
  const rows = await database.rows<{ readonly classId: string }>(
    `SELECT class_id AS classId FROM assignments
     WHERE id = :id OR shared_id = (SELECT shared_id FROM assignments AS given WHERE given.id = :id)`,
    { id },
  );
  return rows.map((row) => row.classId);
}

/** A class's assignments, the latest due first, those without a due time before them. */
export async function listAssignments(
  database: Database,
  classId: string,
  now: Date,
): Promise<readonly AssignmentRow[]> {
  const rows = await database.rows<StoredAssignment>(
    `SELECT ${ASSIGNMENT_COLUMNS} FROM assignments WHERE class_id = :classId AND ${NOT_DELETED}
     ORDER BY due_at IS NULL DESC, due_at DESC, number DESC`,
    { classId, now },
  );
  return rows.map(assignmentFrom);
}

export async function nextNumber(database: Database, classId: string): Promise<number> {
  const [row] = await database.rows<{ highest: number | null }>(
    'SELECT MAX(number) AS highest FROM assignments WHERE class_id = :classId',
    { classId },
  );
  return (row?.highest ?? 0) + 1;
}

export async function insertAssignment(
  database: Database,
  assignment: AssignmentRow,
  made: { readonly by: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO assignments (id, class_id, number, title, instructions, starters, outline, due_at, requirements, rubric,
       late_rule, audience, release_rule, missing_rule, drafts_open, hides_names, picture_width, growing, model, shared_id, series,
       series_id, lesson_date, week, opens_at, category_id, set_at, opened_at, version, created_by, created_at)
     VALUES (:id, :classId, :number, :title, :instructions, :starters, :outline, :dueAt, :requirements, :rubric,
       :lateRule, :audience, :release, :missing, :draftsOpen, :hidesNames, :pictureWidth, :growing, :model, :sharedId, :series,
       :seriesId, :lessonDate, :week, :opensAt, :categoryId, :setAt, :openedAt, :version, :by, :at)`,
    {
      ...assignment,
      ...storedSettings(assignment),
      series: assignment.series && JSON.stringify(assignment.series),
      by: made.by,
      at: made.at,
    },
  );
}

/**
 * Writes an assignment over the version it was based on; how many rows took it, 0 or 1. What it belongs to and when
 * students see it stay as they are.
 */
export async function updateAssignment(
  database: Database,
  assignment: AssignmentRow,
  basedOn: number,
): Promise<number> {
  const { id, dueAt, version } = assignment;
  return database.change(
    `UPDATE assignments SET number = :number, title = :title, instructions = :instructions, starters = :starters, outline = :outline,
       due_at = :dueAt,
       requirements = :requirements, rubric = :rubric, late_rule = :lateRule, audience = :audience,
       release_rule = :release, missing_rule = :missing, drafts_open = :draftsOpen, hides_names = :hidesNames, picture_width = :pictureWidth, growing = :growing, model = :model, version = :version
     WHERE id = :id AND version = :basedOn`,
    { ...storedSettings(assignment), id, dueAt, version, basedOn },
  );
}

export async function markSet(database: Database, id: string, at: Date): Promise<void> {
  await database.change('UPDATE assignments SET set_at = :at WHERE id = :id AND set_at IS NULL', { id, at });
}

export async function markOpened(database: Database, id: string, at: Date): Promise<void> {
  await database.change('UPDATE assignments SET opened_at = :at WHERE id = :id AND opened_at IS NULL', {
    id,
    at,
  });
}

/** The assignments of some classes that ask for something, by class and number, without what they ask. */
export async function listAskingTitles(
  database: Database,
  classIds: readonly string[],
): Promise<readonly { readonly id: string; readonly classId: string; readonly title: string }[]> {
  return database.rows(
    `SELECT assignments.id, class_id AS classId, title FROM assignments
     JOIN JSON_TABLE(:ids, '$[*]' COLUMNS (place FOR ORDINALITY, id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin PATH '$')) AS asked ON asked.id = class_id
     WHERE JSON_LENGTH(requirements) > 0 AND ${NOT_DELETED} ORDER BY asked.place, number, created_at`,
    { ids: JSON.stringify(classIds) },
  );
}

/** Deletes an assignment that nobody has begun; how many went, 0 or 1. */
export async function deleteUnbegun(database: Database, id: string): Promise<number> {
  return database.change(
    `DELETE FROM assignments WHERE id = :id
       AND NOT EXISTS (SELECT 1 FROM posts WHERE posts.assignment_id = assignments.id)`,
    { id },
  );
}

export function assignmentFrom(row: StoredAssignment): AssignmentRow {
  return {
    ...row,
    instructions: documentFrom(row.instructions),
    model: assignmentColumns.model(row.model),
    starters: assignmentColumns.starters(row.starters),
    outline: textsFrom(row.outline),
    requirements: assignmentColumns.requirements(row.requirements),
    rubric: assignmentColumns.rubric(row.rubric),
    lateRule: assignmentColumns.lateRule(row.lateRule),
    draftsOpen: row.draftsOpen === 1,
    hidesNames: row.hidesNames === 1,
    series: assignmentColumns.series(row.series),
    growing: assignmentColumns.growing(row.growing),
  };
}

function storedSettings(assignment: AssignmentRow) {
  const settings = settingsOf(assignment);
  return {
    ...settings,
    instructions: JSON.stringify(settings.instructions),
    model: settings.model && JSON.stringify(settings.model),
    starters: JSON.stringify(settings.starters),
    outline: JSON.stringify(settings.outline),
    requirements: JSON.stringify(settings.requirements),
    rubric: JSON.stringify(settings.rubric),
    lateRule: JSON.stringify(settings.lateRule),
    growing: settings.growing && JSON.stringify(settings.growing),
  };
}

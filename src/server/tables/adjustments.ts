import { adjusted, type Adjustment } from '../../core/assignments/adjustment';
import type { Database } from '../ground/database/database';
import type { AssignmentRow } from './assignments';
import { adjustmentColumns } from './columns';

export interface AdjustmentRow extends Adjustment {
  readonly personId: string;
  /** Null where the assignment's own due time holds. */
  readonly dueAt: Date | null;
  readonly excused: boolean;
}

type Stored = Omit<AdjustmentRow, 'leftOut' | 'limits' | 'excused'> & {
  readonly excusedAt: Date | null;
  readonly leftOut: string;
  readonly limits: string;
};

const COLUMNS =
  'person_id AS personId, due_at AS dueAt, left_out AS leftOut, limits, excused_at AS excusedAt';

export async function listAdjustments(
  database: Database,
  assignmentId: string,
): Promise<readonly AdjustmentRow[]> {
  const rows = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM adjustments WHERE assignment_id = :assignmentId`,
    { assignmentId },
  );
  return rows.map(fromStored);
}

/** An assignment as it is for one student. */
export async function adjustedFor(
  database: Database,
  assignment: AssignmentRow,
  personId: string,
): Promise<AssignmentRow> {
  const [row] = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM adjustments WHERE assignment_id = :assignmentId AND person_id = :personId`,
    { assignmentId: assignment.id, personId },
  );
  return row ? withAdjustment(assignment, fromStored(row)) : assignment;
}

/** The same for all assignments and students of a class, or for one student alone, read once. */
export async function adjusterFor(
  database: Database,
  classId: string,
  personId: string | null = null,
): Promise<(assignment: AssignmentRow, personId: string) => AssignmentRow> {
  const rows = await database.rows<Stored & { readonly assignmentId: string }>(
    `SELECT assignment_id AS assignmentId, person_id AS personId, adjustments.due_at AS dueAt, left_out AS leftOut, limits,
       excused_at AS excusedAt
     FROM adjustments JOIN assignments ON assignments.id = assignment_id
     WHERE class_id = :classId ${personId === null ? '' : 'AND adjustments.person_id = :personId'}`,
    { classId, personId },
  );
  const known = new Map(
    rows.map(({ assignmentId, ...row }) => [`${assignmentId} ${row.personId}`, fromStored(row)]),
  );
  return (assignment, personId) => {
    const adjustment = known.get(`${assignment.id} ${personId}`);
    return adjustment ? withAdjustment(assignment, adjustment) : assignment;
  };
}

function withAdjustment(assignment: AssignmentRow, adjustment: AdjustmentRow): AssignmentRow {
  return {
    ...assignment,
    dueAt: adjustment.dueAt ?? assignment.dueAt,
    requirements: adjusted(assignment.requirements, adjustment),
  };
}

export async function upsertAdjustment(
  database: Database,
  adjustment: Omit<AdjustmentRow, 'excused'> & {
    readonly assignmentId: string;
    readonly by: string;
    readonly at: Date;
  },
): Promise<void> {
  const { leftOut, limits, ...others } = adjustment;
  await database.change(
    `INSERT INTO adjustments (assignment_id, person_id, due_at, left_out, limits, made_by, made_at)
     VALUES (:assignmentId, :personId, :dueAt, :leftOut, :limits, :by, :at)
     ON DUPLICATE KEY UPDATE due_at = :dueAt, left_out = :leftOut, limits = :limits, made_by = :by, made_at = :at`,
    { ...others, leftOut: JSON.stringify(leftOut), limits: JSON.stringify(limits) },
  );
}

/** Gives some students until a moment; what else is asked of them otherwise stays. */
export async function moveDue(
  database: Database,
  {
    personIds,
    ...moved
  }: {
    readonly assignmentId: string;
    readonly personIds: readonly string[];
    readonly dueAt: Date;
    readonly by: string;
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO adjustments (assignment_id, person_id, due_at, left_out, limits, made_by, made_at)
     SELECT :assignmentId, id, :dueAt, '[]', '{}', :by, :at
     FROM JSON_TABLE(:ids, '$[*]' COLUMNS (id VARCHAR(16) PATH '$')) AS asked
     ON DUPLICATE KEY UPDATE due_at = :dueAt, made_by = :by, made_at = :at`,
    { ...moved, ids: JSON.stringify(personIds) },
  );
}

/** Notes that nothing is asked of some students, or with null that it is again; what else is asked otherwise stays. */
export async function updateExcused(
  database: Database,
  {
    personIds,
    ...excusing
  }: {
    readonly assignmentId: string;
    readonly personIds: readonly string[];
    readonly excusedAt: Date | null;
    readonly by: string;
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO adjustments (assignment_id, person_id, left_out, limits, excused_at, made_by, made_at)
     SELECT :assignmentId, id, '[]', '{}', :excusedAt, :by, :at
     FROM JSON_TABLE(:ids, '$[*]' COLUMNS (id VARCHAR(16) PATH '$')) AS asked
     ON DUPLICATE KEY UPDATE excused_at = IF(:excusedAt IS NULL, NULL, COALESCE(excused_at, :excusedAt)),
       made_by = :by, made_at = :at`,
    { ...excusing, ids: JSON.stringify(personIds) },
  );
}

/** Who is excused from which assignments of a class: `assignmentId personId`. */
export async function listExcusedOf(database: Database, classId: string): Promise<ReadonlySet<string>> {
  const rows = await database.rows<{ readonly assignmentId: string; readonly personId: string }>(
    `SELECT assignment_id AS assignmentId, person_id AS personId FROM adjustments JOIN assignments ON assignments.id = assignment_id
     WHERE class_id = :classId AND excused_at IS NOT NULL`,
    { classId },
  );
  return new Set(rows.map(({ assignmentId, personId }) => `${assignmentId} ${personId}`));
}

/** The assignments of a class that somebody is excused from. */
export async function listExcusedFrom(
  database: Database,
  { classId, personId }: { readonly classId: string; readonly personId: string },
): Promise<readonly string[]> {
  const rows = await database.rows<{ readonly assignmentId: string }>(
    `SELECT assignment_id AS assignmentId FROM adjustments JOIN assignments ON assignments.id = assignment_id
     WHERE class_id = :classId AND person_id = :personId AND excused_at IS NOT NULL`,
    { classId, personId },
  );
  return rows.map(({ assignmentId }) => assignmentId);
}

export async function deleteAdjustment(
  database: Database,
  assignmentId: string,
  personId: string,
): Promise<void> {
  await database.change(
    'DELETE FROM adjustments WHERE assignment_id = :assignmentId AND person_id = :personId',
    { assignmentId, personId },
  );
}

function fromStored({ excusedAt, ...row }: Stored): AdjustmentRow {
  return {
    ...row,
    excused: excusedAt !== null,
    leftOut: adjustmentColumns.leftOut(row.leftOut),
    limits: adjustmentColumns.limits(row.limits),
  };
}

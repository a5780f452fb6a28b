import { adjusted, type Adjustment } from '../../core/assignments/adjustment';
import { whileAway } from '../../core/assignments/whileAway';
import type { Absence } from '../../core/classes/absences';
import { groupedBy } from '../../core/groupedBy';
import type { Database } from '../ground/database/database';
import { listAbsencesIn } from './absences';
import type { AssignmentRow } from './assignments';
import type { ClassRow } from './classes';
import { absencesFrom, adjustmentColumns } from './columns';
import { idsFrom } from './idsFrom';

export interface AdjustmentRow extends Adjustment {
  readonly personId: string;
  /** Null where the assignment's own due time holds. */
  readonly dueAt: Date | null;
  readonly excused: boolean;
  /** Whether it is asked of them though the class excuses who is away. */
  readonly askedAnyway: boolean;
}

type Stored = Omit<AdjustmentRow, 'leftOut' | 'limits' | 'excused' | 'askedAnyway'> & {
  readonly excusedAt: Date | null;
  readonly askedAnyway: number;
  readonly leftOut: string;
  readonly limits: string;
};

const COLUMNS =
  'person_id AS personId, due_at AS dueAt, left_out AS leftOut, limits, excused_at AS excusedAt, asked_anyway AS askedAnyway';

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

/** An assignment as it is for one student: with other limits, later, or not asked of them. */
export interface AssignmentForOne extends AssignmentRow {
  /** Whether nothing is asked of them; what they hand in all the same counts. */
  readonly excused: boolean;
}

/** An assignment of a class as it is for one student. */
export async function adjustedFor(
  database: Database,
  inClass: ClassRow,
  assignment: AssignmentRow,
  personId: string,
): Promise<AssignmentForOne> {
  const [{ absences, ...stored }] = (await database.rows<Stored & { readonly absences: string | null }>(
    `SELECT :personId AS personId, due_at AS dueAt, COALESCE(left_out, '[]') AS leftOut, COALESCE(limits, '{}') AS limits,
       excused_at AS excusedAt, COALESCE(asked_anyway, FALSE) AS askedAnyway,
       (SELECT JSON_ARRAYAGG(JSON_OBJECT('from', from_day, 'to', to_day)) FROM absences
        WHERE absences.person_id = :personId) AS absences
     FROM (SELECT 1) AS one
     LEFT JOIN adjustments ON assignment_id = :assignmentId AND adjustments.person_id = :personId`,
    { assignmentId: assignment.id, personId },
  )) as [Stored & { readonly absences: string | null }];
  return forOne(assignment, inClass, fromStored(stored), absences === null ? [] : absencesFrom(absences));
}

/** The same for all assignments and students of a class, or for one student alone, read once. */
export async function adjusterFor(
  database: Database,
  inClass: ClassRow,
  personId: string | null = null,
): Promise<(assignment: AssignmentRow, personId: string) => AssignmentForOne> {
  const classId = inClass.id;
  const [rows, away] = await Promise.all([
    database.rows<Stored & { readonly assignmentId: string }>(
      `SELECT assignment_id AS assignmentId, person_id AS personId, adjustments.due_at AS dueAt, left_out AS leftOut, limits,
         excused_at AS excusedAt, asked_anyway AS askedAnyway
       FROM adjustments JOIN assignments ON assignments.id = assignment_id
       WHERE class_id = :classId ${personId === null ? '' : 'AND adjustments.person_id = :personId'}`,
      { classId, personId },
    ),
    listAbsencesIn(database, { classId, personId }),
  ]);
  const known = new Map(
    rows.map(({ assignmentId, ...row }) => [`${assignmentId} ${row.personId}`, fromStored(row)]),
  );
  const absences = groupedBy(away, (one) => one.personId);
  // Most students have an assignment as it stands; a gradebook asks thousands of times.
  const asItStands = new Map<AssignmentRow, AssignmentForOne>();
  return (assignment, person) => {
    const adjustment = known.get(`${assignment.id} ${person}`) ?? null;
    const awayThen = absences.get(person) ?? [];
    if (adjustment || awayThen.length > 0) return forOne(assignment, inClass, adjustment, awayThen);
    const same = asItStands.get(assignment) ?? { ...assignment, excused: false };
    asItStands.set(assignment, same);
    return same;
  };
}

function forOne(
  assignment: AssignmentRow,
  inClass: ClassRow,
  adjustment: AdjustmentRow | null,
  absences: readonly Absence[],
): AssignmentForOne {
  const dueAt = adjustment?.dueAt ?? assignment.dueAt;
  const { excused, ...dates } = whileAway({ dueAt, growing: assignment.growing }, absences, inClass);
  return {
    ...assignment,
    ...dates,
    requirements: adjustment ? adjusted(assignment.requirements, adjustment) : assignment.requirements,
    excused: adjustment?.excused === true || (excused && adjustment?.askedAnyway !== true),
  };
}

export async function upsertAdjustment(
  database: Database,
  adjustment: Omit<AdjustmentRow, 'excused' | 'askedAnyway'> & {
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
     FROM ${idsFrom(':ids')} AS asked
     ON DUPLICATE KEY UPDATE due_at = :dueAt, made_by = :by, made_at = :at`,
    { ...moved, ids: JSON.stringify(personIds) },
  );
}

/** Notes that nothing is asked of some students, or with null that it is, away or not; what else is asked otherwise stays. */
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
    `INSERT INTO adjustments (assignment_id, person_id, left_out, limits, excused_at, asked_anyway, made_by, made_at)
     SELECT :assignmentId, id, '[]', '{}', :excusedAt, :excusedAt IS NULL, :by, :at
     FROM ${idsFrom(':ids')} AS asked
     ON DUPLICATE KEY UPDATE excused_at = IF(:excusedAt IS NULL, NULL, COALESCE(excused_at, :excusedAt)),
       asked_anyway = :excusedAt IS NULL, made_by = :by, made_at = :at`,
    { ...excusing, ids: JSON.stringify(personIds) },
  );
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

function fromStored({ excusedAt, askedAnyway, ...row }: Stored): AdjustmentRow {
  return {
    ...row,
    excused: excusedAt !== null,
    askedAnyway: askedAnyway === 1,
    leftOut: adjustmentColumns.leftOut(row.leftOut),
    limits: adjustmentColumns.limits(row.limits),
  };
}

import type { SeriesRule } from '../../core/assignments/series';
import type { Database } from '../ground/database/database';
import {
  ASSIGNMENT_COLUMNS,
  NOT_DELETED,
  type AssignmentRow,
  type StoredAssignment,
  assignmentFrom,
} from './assignments';

/** The assignments that are the same one in other classes. */
export async function listSiblings(
  database: Database,
  { id, sharedId }: AssignmentRow,
  now: Date,
): Promise<readonly AssignmentRow[]> {
  if (sharedId === null) return [];
  const rows = await database.rows<StoredAssignment>(
    `SELECT ${ASSIGNMENT_COLUMNS} FROM assignments WHERE shared_id = :sharedId AND id <> :id AND ${NOT_DELETED} ORDER BY due_at, id`,
    { sharedId, id, now },
  );
  return rows.map(assignmentFrom);
}

/** The repetitions of an assignment, by their days. */
export async function listRepetitions(
  database: Database,
  seriesId: string,
  now: Date,
): Promise<readonly AssignmentRow[]> {
  const rows = await database.rows<StoredAssignment>(
    `SELECT ${ASSIGNMENT_COLUMNS} FROM assignments WHERE series_id = :seriesId AND ${NOT_DELETED} ORDER BY lesson_date`,
    { seriesId, now },
  );
  return rows.map(assignmentFrom);
}

export async function updateShared(database: Database, id: string, sharedId: string | null): Promise<void> {
  await database.change('UPDATE assignments SET shared_id = :sharedId WHERE id = :id', { id, sharedId });
}

export async function updateSeries(database: Database, id: string, series: SeriesRule | null): Promise<void> {
  await database.change('UPDATE assignments SET series = :series WHERE id = :id', {
    id,
    series: series && JSON.stringify(series),
  });
}

/** When a repetition that students do not see yet is due and seen, where its series has other hours or weeks now. */
export async function updateRepetition(
  database: Database,
  repetition: Pick<AssignmentRow, 'id' | 'dueAt' | 'week' | 'opensAt'>,
): Promise<void> {
  await database.change(
    'UPDATE assignments SET due_at = :dueAt, week = :week, opens_at = :opensAt WHERE id = :id AND set_at IS NULL',
    { ...repetition },
  );
}

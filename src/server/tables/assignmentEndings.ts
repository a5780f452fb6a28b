import type { Database } from '../ground/database/database';

/** Takes an assignment from the students' sight again, where nobody has begun it; how many were taken, 0 or 1. */
export async function markUnset(database: Database, id: string): Promise<number> {
  return database.change(
    `UPDATE assignments SET set_at = NULL, opens_at = NULL
     WHERE id = :id AND NOT EXISTS (SELECT 1 FROM posts WHERE posts.assignment_id = assignments.id)`,
    { id },
  );
}

/**
 * Whether students can begin an assignment at this moment, whatever the transaction has read before. Who takes it from their sight
 * waits until the transaction ends.
 */
export async function canBeBegun(database: Database, id: string, now: Date): Promise<boolean> {
  const rows = await database.rows(
    `SELECT id FROM assignments WHERE id = :id AND (set_at IS NOT NULL OR opens_at <= :now)
       AND put_away_at IS NULL AND deleted_at IS NULL LOCK IN SHARE MODE`,
    { id, now },
  );
  return rows.length > 0;
}

export async function updatePutAway(database: Database, id: string, at: Date | null): Promise<void> {
  await database.change('UPDATE assignments SET put_away_at = :at WHERE id = :id', { id, at });
}

/** What goes with an assignment. */
export interface AssignmentHoldingsRow {
  readonly posts: number;
  readonly handedIn: number;
  readonly published: number;
  readonly comments: number;
}

export async function countAssignmentHoldings(
  database: Database,
  assignmentId: string,
): Promise<AssignmentHoldingsRow> {
  const [row] = await database.rows<AssignmentHoldingsRow>(
    `SELECT COUNT(*) AS posts,
       COUNT(IF(EXISTS (SELECT 1 FROM hand_ins WHERE post_id = posts.id AND taken_back_at IS NULL), 1, NULL)) AS handedIn,
       COUNT(IF(EXISTS (SELECT 1 FROM publications WHERE post_id = posts.id AND until IS NULL), 1, NULL)) AS published,
       (SELECT COUNT(*) FROM comments JOIN posts AS under ON under.id = comments.post_id
         WHERE under.assignment_id = :assignmentId) AS comments
     FROM posts WHERE assignment_id = :assignmentId`,
    { assignmentId },
  );
  return row ?? { posts: 0, handedIn: 0, published: 0, comments: 0 };
}

/** Hides an assignment and its posts, also from readers; the moment stands at each, so that they can be brought back. */
export async function hideAssignment(
  database: Database,
  { id, at, eraseAt }: { readonly id: string; readonly at: Date; readonly eraseAt: Date },
): Promise<void> {
  await database.change('UPDATE assignments SET deleted_at = :at, erase_at = :eraseAt WHERE id = :id', {
    id,
    at,
    eraseAt,
  });
  await database.change(
    'UPDATE publications SET until = :at WHERE until IS NULL AND post_id IN (SELECT id FROM posts WHERE assignment_id = :id)',
    { id, at },
  );
}

/** Brings an assignment back, with the readers that its posts had at that moment. */
export async function unhideAssignment(
  database: Database,
  { id, deletedAt }: { readonly id: string; readonly deletedAt: Date },
): Promise<void> {
  await database.change('UPDATE assignments SET deleted_at = NULL, erase_at = NULL WHERE id = :id', { id });
  await database.change(
    `UPDATE publications SET until = NULL
     WHERE until = :deletedAt AND post_id IN (SELECT id FROM posts WHERE assignment_id = :id)`,
    { id, deletedAt },
  );
}

export interface DeletedAssignmentRow {
  readonly id: string;
  readonly classId: string;
  readonly title: string;
  readonly deletedAt: Date;
  readonly eraseAt: Date;
}

const DELETED =
  'SELECT id, class_id AS classId, title, deleted_at AS deletedAt, erase_at AS eraseAt FROM assignments';

/** The deleted assignments of a class that may still be brought back, the latest first. */
export async function listDeletedAssignments(
  database: Database,
  classId: string,
  now: Date,
): Promise<readonly DeletedAssignmentRow[]> {
  return database.rows(
    `${DELETED} WHERE class_id = :classId AND deleted_at IS NOT NULL AND erase_at > :now ORDER BY deleted_at DESC`,
    { classId, now },
  );
}

/** A deleted assignment, held until the transaction ends; null for one that is there, or is gone. */
export async function lockDeletedAssignment(
  database: Database,
  id: string,
): Promise<DeletedAssignmentRow | null> {
  const [row] = await database.rows<DeletedAssignmentRow>(
    `${DELETED} WHERE id = :id AND deleted_at IS NOT NULL FOR UPDATE`,
    { id },
  );
  return row ?? null;
}

export async function listPostIdsOf(database: Database, assignmentId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ id: string }>(
    'SELECT id FROM posts WHERE assignment_id = :assignmentId ORDER BY id',
    { assignmentId },
  );
  return rows.map((row) => row.id);
}

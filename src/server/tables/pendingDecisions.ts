import type { Database } from '../ground/database/database';
import { column } from '../ground/input/column';

/** What is decided about a hand-in. */
export type PendingDecision =
  | {
      readonly decision: 'accept';
      readonly more: { readonly details: readonly string[]; readonly opensAt: string | null };
    }
  | {
      readonly decision: 'sendBack';
      readonly more: { readonly until: string | null; readonly first: string };
    };

/** What was decided about a post and does not count yet. */
export type PendingRow = PendingDecision & {
  readonly postId: string;
  readonly handInId: string;
  readonly by: string;
  readonly decidedAt: Date;
  readonly countsFrom: Date;
  /** The code of why it could not be carried out; null before that. */
  readonly refused: string | null;
};

/** SQL: that nobody has just decided about a post. */
export const NOT_JUST_DECIDED = `NOT EXISTS (SELECT 1 FROM pending_decisions WHERE pending_decisions.post_id = posts.id AND refused IS NULL)`;

const moreFrom = column<object>('decision', { type: 'object' });
const COLUMNS = `post_id AS postId, hand_in_id AS handInId, decision, more, decided_by AS \`by\`, decided_at AS decidedAt,
  counts_from AS countsFrom, refused`;

/** Keeps what was decided, in place of what could not be carried out. */
export async function upsertPending(database: Database, pending: Omit<PendingRow, 'refused'>): Promise<void> {
  await database.change(
    `INSERT INTO pending_decisions (post_id, hand_in_id, decision, more, decided_by, decided_at, counts_from)
     VALUES (:postId, :handInId, :decision, :more, :by, :decidedAt, :countsFrom)
     ON DUPLICATE KEY UPDATE hand_in_id = :handInId, decision = :decision, more = :more, decided_by = :by,
       decided_at = :decidedAt, counts_from = :countsFrom, begun = FALSE, refused = NULL`,
    { ...pending, more: JSON.stringify(pending.more) },
  );
}

export async function findPending(database: Database, postId: string): Promise<PendingRow | null> {
  const [row] = await database.rows<PendingRow & { readonly more: string }>(
    `SELECT ${COLUMNS} FROM pending_decisions WHERE post_id = :postId`,
    { postId },
  );
  return row ? ({ ...row, more: moreFrom(row.more) } as PendingRow) : null;
}

/** Begins to carry out what counts by now, or goes on where a process was ended: from then on it is not undone. False where there is nothing. */
export async function beginPending(database: Database, postId: string, now: Date): Promise<boolean> {
  const found = await database.change(
    `UPDATE pending_decisions SET begun = TRUE WHERE post_id = :postId AND counts_from <= :now AND refused IS NULL`,
    { postId, now },
  );
  return found > 0;
}

/** Undoes what one teacher decided, as long as it does not count; how many went. */
export async function undoPending(
  database: Database,
  { postId, by, now }: { readonly postId: string; readonly by: string; readonly now: Date },
): Promise<number> {
  return database.change(
    'DELETE FROM pending_decisions WHERE post_id = :postId AND decided_by = :by AND NOT begun AND counts_from > :now',
    { postId, by, now },
  );
}

export async function deletePending(database: Database, postId: string): Promise<void> {
  await database.change('DELETE FROM pending_decisions WHERE post_id = :postId', { postId });
}

export async function markPendingRefused(database: Database, postId: string, refused: string): Promise<void> {
  await database.change('UPDATE pending_decisions SET refused = :refused WHERE post_id = :postId', {
    postId,
    refused: refused.slice(0, 60),
  });
}

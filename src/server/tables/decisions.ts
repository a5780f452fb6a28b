import type { Database } from '../ground/database/database';

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

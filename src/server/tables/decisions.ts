import type { Database } from '../ground/database/database';

export async function insertDecision(
  database: Database,
  decision: {
    readonly id: string;
    readonly handInId: string;
    readonly teacherId: string;
    readonly decision: 'sentBack' | 'accepted';
    readonly at: Date;
    /** Until when it is asked for again, and what is to be seen to first; for one that is sent back. */
    readonly untilAt?: Date | null;
    readonly first?: string;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO decisions (id, hand_in_id, teacher_id, decision, at, until_at, first_words)
     VALUES (:id, :handInId, :teacherId, :decision, :at, :untilAt, :first)`,
    { ...decision, untilAt: decision.untilAt ?? null, first: decision.first || null },
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

/** What was said when a hand-in was sent back, and by whom; null where it was not. */
export interface SentBackRow {
  readonly givenName: string;
  readonly familyName: string;
  readonly at: Date;
  readonly untilAt: Date | null;
  readonly first: string | null;
}

export async function findSentBack(database: Database, handInId: string): Promise<SentBackRow | null> {
  const [row] = await database.rows<SentBackRow>(
    `SELECT given_name AS givenName, family_name AS familyName, at, until_at AS untilAt, first_words AS first
     FROM decisions JOIN people ON people.id = teacher_id
     WHERE hand_in_id = :handInId AND decision = 'sentBack' ORDER BY at DESC, decisions.id LIMIT 1`,
    { handInId },
  );
  return row ?? null;
}

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

/** What was decided about a hand-in since a moment, that included; null where nothing was. */
export async function findDecisionSince(
  database: Database,
  handInId: string,
  since: Date,
): Promise<'sentBack' | 'accepted' | null> {
  const [row] = await database.rows<{ decision: 'sentBack' | 'accepted' }>(
    'SELECT decision FROM decisions WHERE hand_in_id = :handInId AND at >= :since ORDER BY at DESC, id LIMIT 1',
    { handInId, since },
  );
  return row?.decision ?? null;
}

/** That a hand-in was sent back, by whom, and what was said. */
export interface SentBackRow {
  readonly givenName: string;
  readonly familyName: string;
  readonly at: Date;
  readonly untilAt: Date | null;
  readonly first: string | null;
}

/** How often a post was sent back, and what was said each time; oldest first. */
export async function listSentBack(database: Database, postId: string): Promise<readonly SentBackRow[]> {
  return database.rows(
    `SELECT given_name AS givenName, family_name AS familyName, at, until_at AS untilAt, first_words AS first
     FROM decisions JOIN hand_ins ON hand_ins.id = hand_in_id JOIN people ON people.id = teacher_id
     WHERE hand_ins.post_id = :postId AND decision = 'sentBack' ORDER BY at, decisions.id`,
    { postId },
  );
}

import { RETAINED, type Retained, type Retention } from '../../core/privacy/retention';
import type { Database } from '../ground/database/database';

/** At most this many rows go in one statement, so that nobody waits for it. */
export const BATCH = 500;

export async function findRetention(database: Database): Promise<Retention> {
  const rows = await database.rows<{ what: Retained; months: number }>('SELECT what, months FROM retention');
  const months = new Map(rows.map((row) => [row.what, row.months]));
  return Object.fromEntries(RETAINED.map((what) => [what, months.get(what) ?? null])) as Retention;
}

export async function updateRetention(
  database: Database,
  what: Retained,
  months: number | null,
): Promise<void> {
  if (months === null) await database.change('DELETE FROM retention WHERE what = :what', { what });
  else
    await database.change(
      'INSERT INTO retention (what, months) VALUES (:what, :months) ON DUPLICATE KEY UPDATE months = :months',
      { what, months },
    );
}

/** Which teacher opened what, from before a moment. Posts that were not decided yet keep theirs. */
export async function deleteOldReadings(database: Database, before: Date): Promise<number> {
  return database.change(
    `DELETE FROM readings WHERE first_read_at < :before
       AND hand_in_id IN (SELECT hand_ins.id FROM hand_ins JOIN posts ON posts.id = post_id
                          WHERE stage = 'accepted')
     LIMIT :most`,
    { before, most: BATCH },
  );
}

export async function deleteOldLogLines(database: Database, before: Date): Promise<number> {
  const limit = { before, most: BATCH };
  return (
    (await database.change('DELETE FROM audit_log WHERE at < :before LIMIT :most', limit)) +
    (await database.change('DELETE FROM jobs WHERE done_at < :before LIMIT :most', limit))
  );
}

/** Posts of students who left the class before a moment. */
export async function listLongLeftPosts(database: Database, before: Date): Promise<readonly string[]> {
  const rows = await database.rows<{ id: string }>(
    `SELECT posts.id FROM posts JOIN memberships
       ON memberships.class_id = posts.class_id AND memberships.person_id = posts.writer_id
     WHERE left_at < :before LIMIT :most`,
    { before, most: BATCH },
  );
  return rows.map((row) => row.id);
}

/** When the last backup was made and how large it is, or null. */
export async function findLatestBackup(
  database: Database,
): Promise<{ readonly madeAt: Date; readonly bytes: number } | null> {
  const [row] = await database.rows<{ madeAt: Date; bytes: string | number }>(
    'SELECT made_at AS madeAt, bytes FROM backups ORDER BY made_at DESC LIMIT 1',
  );
  return row ? { madeAt: row.madeAt, bytes: Number(row.bytes) } : null;
}

import type { Database } from '../database/database';
import { LIMITS, type LimitName } from './limits';

/** A limit of somebody or something. */
interface Counted {
  readonly name: LimitName;
  readonly subject: string;
}

interface Counting extends Counted {
  readonly many: number;
  readonly now: Date;
  /** Tries that began to be counted by then are forgotten. */
  readonly forgotten: Date;
}

/** Counts a try and says whether it is held back; the one that reaches `most` holds back those after it. */
export async function countLocked(
  database: Database,
  counting: Counting & { readonly most: number; readonly hold: Date },
): Promise<{ readonly refused: boolean; readonly taken: number }> {
  const [row] = await database.rows<{ refused: number; taken: number }>(
    `INSERT INTO limits (name, subject, taken, refused, begun_at, held_until)
     VALUES (:name, :subject, :many, FALSE, :now, IF(:many >= :most, :hold, NULL))
     ON DUPLICATE KEY UPDATE
       refused = held_until IS NOT NULL AND held_until > :now,
       taken = IF(refused, taken, IF(begun_at <= :forgotten, :many, taken + :many)),
       begun_at = IF(refused OR begun_at > :forgotten, begun_at, :now),
       held_until = IF(refused, held_until, IF(taken >= :most, :hold, NULL))
     RETURNING refused, taken`,
    { ...counting },
  );
  return { refused: row?.refused === 1, taken: row?.taken ?? 0 };
}

/** Counts a try and says when it is let through: `now` for the first `free` of them, later for the others. */
export async function countPaced(
  database: Database,
  counting: Counting & { readonly free: number; readonly gap: number; readonly latest: Date },
): Promise<Date> {
  const [row] = await database.rows<{ at: Date | null }>(
    `INSERT INTO limits (name, subject, taken, begun_at) VALUES (:name, :subject, :many, :now)
     ON DUPLICATE KEY UPDATE
       taken = IF(begun_at <= :forgotten, :many, taken + :many),
       begun_at = IF(begun_at <= :forgotten, :now, begun_at),
       held_until = IF(taken <= :free, NULL,
         LEAST(GREATEST(COALESCE(held_until, :now), :now) + INTERVAL :gap * 1000 MICROSECOND, :latest))
     RETURNING held_until AS at`,
    { ...counting },
  );
  return row?.at ?? counting.now;
}

/** Counts several at once; how many there are now. */
export async function countSome(database: Database, counting: Counting): Promise<number> {
  const [row] = await database.rows<{ taken: number }>(
    `INSERT INTO limits (name, subject, taken, begun_at) VALUES (:name, :subject, :many, :now)
     ON DUPLICATE KEY UPDATE
       taken = IF(begun_at <= :forgotten, :many, taken + :many),
       begun_at = IF(begun_at <= :forgotten, :now, begun_at)
     RETURNING taken`,
    { ...counting },
  );
  return row?.taken ?? counting.many;
}

/** Gives tries back; whoever was held back by them is not any more. */
export async function uncount(
  database: Database,
  { name, subject, many, most }: Counted & { readonly many: number; readonly most: number },
): Promise<void> {
  await database.change(
    `UPDATE limits SET taken = GREATEST(taken - :many, 0), held_until = IF(taken < :most, NULL, held_until)
     WHERE name = :name AND subject = :subject`,
    { name, subject, many, most },
  );
}

/** Forgets what was counted. */
export async function forgetCounted(database: Database, { name, subject }: Counted): Promise<void> {
  await database.change('DELETE FROM limits WHERE name = :name AND subject = :subject', { name, subject });
}

/** Forgets what began to be counted before a moment; how many went, a few at a time. */
export async function deleteOldLimits(database: Database, before: Date): Promise<number> {
  return database.change('DELETE FROM limits WHERE begun_at < :before LIMIT 1000', { before });
}

/** The students of a class whom wrong passcodes lock now, with how many there were. */
export async function listLockedStudents(
  database: Database,
  { classId, now }: { readonly classId: string; readonly now: Date },
): Promise<ReadonlyMap<string, number>> {
  const rows = await database.rows<{ personId: string; tries: number }>(
    `SELECT person_id AS personId, taken AS tries FROM memberships
     JOIN limits ON limits.name = 'passcode' AND subject = CONVERT(person_id USING utf8mb4) AND held_until > :now
     WHERE class_id = :classId`,
    { classId, now },
  );
  return new Map(rows.map((row) => [row.personId, row.tries]));
}

export interface LimitRow {
  readonly name: LimitName;
  /** Empty for a student: their teachers see who. */
  readonly subject: string;
  readonly tries: number;
  readonly since: Date;
}

/** What was tried most often since a moment. One worry is nothing that was tried too often, and nobody's business there. */
export async function listMostTried(database: Database, since: Date): Promise<readonly LimitRow[]> {
  return database.rows<LimitRow>(
    `SELECT limits.name, CASE WHEN limits.name LIKE 'passcode%' OR limits.name IN ('looks', 'videos', 'comments', 'wordsAway') THEN ''
         WHEN people.id IS NOT NULL THEN ''
         ELSE COALESCE(classes.title, subject) END AS subject, taken AS tries, begun_at AS since
     FROM limits
     LEFT JOIN classes ON limits.name = 'class' AND CONVERT(classes.id USING utf8mb4) = subject
     LEFT JOIN people ON limits.name = 'worry' AND CONVERT(people.id USING utf8mb4) = subject
     WHERE begun_at > :since AND taken > 0 AND limits.name <> 'wordsAway' AND (limits.name <> 'worry' OR taken >= :many)
     ORDER BY taken DESC, limits.name, subject LIMIT 20`,
    { since, many: LIMITS.worry.most },
  );
}

import type { Database } from '../database/database';
import { newId } from '../database/newId';

export interface JobRow {
  readonly id: string;
  readonly kind: string;
  readonly payload: string | null;
  readonly tries: number;
}

/** Puts work on the list, to be done as soon as somebody has time. It belongs to the transaction that asks for it. */
export async function insertJob(
  database: Database,
  { kind, payload, at }: { readonly kind: string; readonly payload: object; readonly at: Date },
): Promise<void> {
  await database.change(
    'INSERT INTO jobs (id, kind, payload, run_at, made_at) VALUES (:id, :kind, :payload, :at, :at)',
    { id: newId(), kind, payload: JSON.stringify(payload), at },
  );
}

/** Puts a work on the list once a day, however many processes ask for it. */
export async function insertDailyJob(database: Database, kind: string, now: Date): Promise<void> {
  const day = now.toISOString().slice(0, 10).replaceAll('-', '');
  await database.change(
    `INSERT IGNORE INTO jobs (id, kind, payload, run_at, made_at) VALUES (:id, :kind, 'null', :now, :now)`,
    // Ids that are drawn by lot are longer and never begin like this.
    { id: `day-${day}`, kind, now },
  );
}

/** Takes the job that waits longest, past those that another process has; null while none waits. */
export async function takeJob(
  database: Database,
  { now, until }: { readonly now: Date; readonly until: Date },
): Promise<JobRow | null> {
  const [job] = await database.rows<JobRow>(
    `SELECT id, kind, payload, tries FROM jobs
     WHERE done_at IS NULL AND failed_at IS NULL AND run_at <= :now AND (taken_until IS NULL OR taken_until <= :now)
     ORDER BY run_at LIMIT 1 FOR UPDATE SKIP LOCKED`,
    { now },
  );
  if (!job) return null;
  await database.change('UPDATE jobs SET taken_until = :until, tries = tries + 1 WHERE id = :id', {
    id: job.id,
    until,
  });
  return { ...job, tries: job.tries + 1 };
}

/** A job is done: what it needed is forgotten. */
export async function finishJob(database: Database, id: string, at: Date): Promise<void> {
  await database.change(
    'UPDATE jobs SET done_at = :at, payload = NULL, taken_until = NULL, problem = NULL WHERE id = :id',
    { id, at },
  );
}

/** A job is to be tried again, or given up where `again` is null. */
export async function postponeJob(
  database: Database,
  {
    id,
    again,
    problem,
    now,
  }: { readonly id: string; readonly again: Date | null; readonly problem: string; readonly now: Date },
): Promise<void> {
  await database.change(
    `UPDATE jobs SET taken_until = NULL, problem = :problem, run_at = COALESCE(:again, run_at),
       failed_at = IF(:again IS NULL, :now, NULL), payload = IF(:again IS NULL, NULL, payload) WHERE id = :id`,
    { id, again, problem: problem.slice(0, 300), now },
  );
}

/** How many jobs of each kind wait, and how many were given up. */
export async function countJobs(
  database: Database,
): Promise<readonly { readonly kind: string; readonly waiting: number; readonly givenUp: number }[]> {
  const rows = await database.rows<{ kind: string; waiting: string; givenUp: string }>(
    `SELECT kind, SUM(done_at IS NULL AND failed_at IS NULL) AS waiting, SUM(failed_at IS NOT NULL) AS givenUp
     FROM jobs GROUP BY kind ORDER BY kind`,
  );
  return rows.map((row) => ({ kind: row.kind, waiting: Number(row.waiting), givenUp: Number(row.givenUp) }));
}

/** Lets the jobs that failed and wait for a further try begin at once; how many. Those for a later day are left alone. */
export async function reviveJobs(database: Database, now: Date): Promise<number> {
  return database.change(
    'UPDATE jobs SET run_at = :now WHERE done_at IS NULL AND failed_at IS NULL AND problem IS NOT NULL',
    { now },
  );
}

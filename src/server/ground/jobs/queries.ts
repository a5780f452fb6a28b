import type { Database } from '../database/database';
import { newId } from '../database/newId';
import type { DailyJob, JobKind, JobPayloads } from './kinds';

export interface JobRow {
  readonly id: string;
  readonly kind: string;
  readonly payload: string | null;
  readonly tries: number;
}

/** Puts work on the list, to be done as soon as somebody has time. It belongs to the transaction that asks for it. */
export async function insertJob<Kind extends Exclude<JobKind, DailyJob>>(
  database: Database,
  { kind, payload, at }: { readonly kind: Kind; readonly payload: JobPayloads[Kind]; readonly at: Date },
): Promise<void> {
  await database.change(
    'INSERT INTO jobs (id, kind, payload, run_at, made_at) VALUES (:id, :kind, :payload, :at, :at)',
    { id: newId(), kind, payload: JSON.stringify(payload), at },
  );
}

/** Puts a work on the list once a day, however many processes ask for it. */
export async function insertDailyJob(database: Database, kind: DailyJob, now: Date): Promise<void> {
  await database.change(
    `INSERT INTO jobs (id, kind, payload, run_at, made_at, once) VALUES (:id, :kind, 'null', :now, :now, :once)
     ON DUPLICATE KEY UPDATE once = once`,
    { id: newId(), kind, now, once: `${kind} ${now.toISOString().slice(0, 10)}` },
  );
}

interface Taking {
  /** Who takes it, drawn by lot for this once. */
  readonly taker: string;
  readonly now: Date;
  /** When others may take it for left alone. */
  readonly until: Date;
}

/** Takes the job that waits longest, in one statement; null while none waits. */
export async function takeJob(
  database: Database,
  { taker, now, until, only = null }: Taking & { readonly only?: readonly JobKind[] | null },
): Promise<JobRow | null> {
  const taken = await database.change(
    `UPDATE jobs SET taken_by = :taker, taken_until = :until, tries = tries + 1
     WHERE done_at IS NULL AND failed_at IS NULL AND run_at <= :now AND (taken_until IS NULL OR taken_until <= :now)
       AND (:only IS NULL OR JSON_CONTAINS(:only, JSON_QUOTE(kind)))
     ORDER BY run_at LIMIT 1`,
    { taker, now, until, only: only && JSON.stringify(only) },
  );
  if (taken === 0) return null;
  const [job] = await database.rows<JobRow>(
    'SELECT id, kind, payload, tries FROM jobs WHERE taken_by = :taker',
    {
      taker,
    },
  );
  return job ?? null;
}

/** A job is done: what it needed is forgotten. Nothing happens where somebody else has taken it meanwhile. */
export async function finishJob(
  database: Database,
  { id, taker, at }: { readonly id: string; readonly taker: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `UPDATE jobs SET done_at = :at, payload = NULL, taken_until = NULL, taken_by = NULL, problem = NULL
     WHERE id = :id AND taken_by = :taker`,
    { id, taker, at },
  );
}

/** A job is to be tried again, or given up where `again` is null; by who has it. */
export async function postponeJob(
  database: Database,
  {
    id,
    taker,
    again,
    problem,
    now,
  }: {
    readonly id: string;
    readonly taker: string;
    readonly again: Date | null;
    readonly problem: string;
    readonly now: Date;
  },
): Promise<void> {
  await database.change(
    `UPDATE jobs SET taken_until = NULL, taken_by = NULL, problem = :problem, run_at = COALESCE(:again, run_at),
       failed_at = IF(:again IS NULL, :now, NULL), payload = IF(:again IS NULL, NULL, payload)
     WHERE id = :id AND taken_by = :taker`,
    { id, taker, again, problem: problem.slice(0, 300), now },
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

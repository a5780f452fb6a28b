import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { log } from '../../ground/logging/log';
import type { JobKind } from '../../ground/jobs/kinds';
import { finishJob, postponeJob, takeJob, type JobRow } from '../../ground/jobs/queries';
import { HANDLERS } from './chores';

const MINUTE = 60_000;
/** How long a process may have a job before others take it for dead. */
const LEASE = 5 * MINUTE;
/** Pauses before each further try; after the last the job is given up. */
const PAUSES = [1, 5, 30, 120, 720].map((minutes) => minutes * MINUTE);

/**
 * Does one job that waits; false where none does. Whatever a job throws is written down and tried again later. That it is
 * done is noted apart from doing it: where that fails the job is not called failed.
 * @param only of these kinds; null for any
 */
export async function runOneJob(now: Date, only: readonly JobKind[] | null = null): Promise<boolean> {
  const taker = newId();
  const until = new Date(now.getTime() + LEASE);
  const job = await takeJob(database, { taker, now, until, only });
  if (!job) return false;
  const failure = await maybeFailure(job, now);
  if (!failure) await finishJob(database, { id: job.id, taker, at: now });
  else {
    const pause = PAUSES[job.tries - 1];
    const again = pause === undefined ? null : new Date(now.getTime() + pause);
    await postponeJob(database, { id: job.id, taker, again, problem: failure.problem, now });
  }
  return true;
}

/** Does a job; what went wrong, or null. */
async function maybeFailure(job: JobRow, now: Date): Promise<{ readonly problem: string } | null> {
  try {
    await handle(job, now);
    return null;
  } catch (error) {
    const { id, kind, tries } = job;
    log().warn({ job: id, kind, tries, problem: error instanceof Error ? error.name : '' });
    return { problem: error instanceof Error ? `${error.name}: ${error.message}` : typeof error };
  }
}

async function handle({ id, kind, payload }: JobRow, now: Date): Promise<void> {
  if (!Object.hasOwn(HANDLERS, kind)) throw new Error(`there is no handler for ${kind}`);
  await HANDLERS[kind as JobKind](payload ?? 'null', id, now);
}

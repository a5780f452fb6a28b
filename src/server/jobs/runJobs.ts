import { database, inTransaction } from '../database/database';
import { log } from '../logging/log';
import { HANDLERS } from './handlers';
import { finishJob, postponeJob, takeJob, type JobRow } from './queries';

const MINUTE = 60_000;
/** How long a process may have a job before others take it for dead. */
const LEASE = 5 * MINUTE;
/** Pauses before each further try; after the last the job is given up. */
const PAUSES = [1, 5, 30, 120, 720].map((minutes) => minutes * MINUTE);

/** Does one job that waits; false where none does. Whatever a job throws is written down and tried again later. */
export async function runOneJob(now: Date): Promise<boolean> {
  const until = new Date(now.getTime() + LEASE);
  const job = await inTransaction((transaction) => takeJob(transaction, { now, until }));
  if (!job) return false;
  try {
    await handle(job, now);
    await finishJob(database, job.id, now);
  } catch (error) {
    const problem = error instanceof Error ? `${error.name}: ${error.message}` : typeof error;
    const pause = PAUSES[job.tries - 1];
    log().warn({
      job: job.id,
      kind: job.kind,
      tries: job.tries,
      problem: error instanceof Error ? error.name : '',
    });
    await postponeJob(database, {
      id: job.id,
      again: pause === undefined ? null : new Date(now.getTime() + pause),
      problem,
      now,
    });
  }
  return true;
}

async function handle(job: JobRow, now: Date): Promise<void> {
  const handler = Object.hasOwn(HANDLERS, job.kind) ? HANDLERS[job.kind as keyof typeof HANDLERS] : null;
  if (!handler) throw new Error(`there is no handler for ${job.kind}`);
  await handler(JSON.parse(job.payload ?? 'null') as never, job.id, now);
}

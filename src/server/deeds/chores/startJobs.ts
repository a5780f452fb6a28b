import { log } from '../../ground/logging/log';
import { database } from '../../ground/database/database';
import { DAILY, PROMPT } from '../../ground/jobs/kinds';
import { insertDailyJob } from '../../ground/jobs/queries';
import { runOneJob } from './runJobs';

/** How long to wait for work where there was none, in milliseconds. */
const REST = 1000;

const shared = globalThis as { porchJobs?: boolean; porchDay?: string };

/**
 * Begins to work on the jobs beside the requests of this process, one after the other, and apart from these on what somebody waits
 * for. Any number of processes may.
 */
export function startJobs(): void {
  if (shared.porchJobs) return;
  shared.porchJobs = true;
  goOn(async () => {
    await askDaily(new Date());
    while (await runOneJob(new Date()));
  });
  goOn(async () => {
    while (await runOneJob(new Date(), PROMPT));
  });
}

/** Does some work again and again, with a rest between. */
function goOn(work: () => Promise<void>): void {
  const turn = async () => {
    try {
      await work();
    } catch (error) {
      // The database may be away for a while; requests say so themselves.
      log().error({ jobs: error instanceof Error ? error.name : typeof error });
    }
    setTimeout(() => void turn(), REST).unref();
  };
  setTimeout(() => void turn(), REST).unref();
}

/** Puts the day's work on the list; asked of the database only when this process has not asked today. */
async function askDaily(now: Date): Promise<void> {
  const day = now.toISOString().slice(0, 10);
  if (shared.porchDay === day) return;
  for (const kind of DAILY) await insertDailyJob(database, kind, now);
  shared.porchDay = day;
}

import { log } from '../../ground/logging/log';
import { database } from '../../ground/database/database';
import { DAILY } from '../../ground/jobs/kinds';
import { insertDailyJob } from '../../ground/jobs/queries';
import { runOneJob } from './runJobs';

/** How long to wait for work where there was none, in milliseconds. */
const REST = 1000;

const shared = globalThis as { porchJobs?: NodeJS.Timeout; porchDay?: string };

/** Begins to work on the jobs, one after the other, beside the requests of this process. Any number of processes may. */
export function startJobs(): void {
  if (shared.porchJobs) return;
  const turn = async () => {
    try {
      await askDaily(new Date());
      while (await runOneJob(new Date()));
    } catch (error) {
      // The database may be away for a while; requests say so themselves.
      log().error({ jobs: error instanceof Error ? error.name : typeof error });
    }
    shared.porchJobs = setTimeout(() => void turn(), REST);
    shared.porchJobs.unref();
  };
  shared.porchJobs = setTimeout(() => void turn(), REST);
  shared.porchJobs.unref();
}

/** Puts the day's work on the list; asked of the database only when this process has not asked today. */
async function askDaily(now: Date): Promise<void> {
  const day = now.toISOString().slice(0, 10);
  if (shared.porchDay === day) return;
  for (const kind of DAILY) await insertDailyJob(database, kind, now);
  shared.porchDay = day;
}

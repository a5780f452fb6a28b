import { log } from '../logging/log';
import { runOneJob } from './runJobs';

/** How long to wait for work where there was none, in milliseconds. */
const REST = 1000;

const shared = globalThis as { porchJobs?: NodeJS.Timeout };

/** Begins to work on the jobs, one after the other, beside the requests of this process. Any number of processes may. */
export function startJobs(): void {
  if (shared.porchJobs) return;
  const turn = async () => {
    try {
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

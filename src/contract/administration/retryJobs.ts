import { deed } from '../deed';

/** Tries the jobs once more that are waiting for a further try, as after a mail server came back. */
export const retryJobs = deed({
  name: 'retryJobs',
  on: 'install',
  action: 'install.manage',
}).answers<{ readonly jobs: number }>();

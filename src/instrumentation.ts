/** Runs once when the server starts: the work beside the requests begins. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return;
  const { startJobs } = await import('./server/deeds/chores/startJobs');
  startJobs();
}

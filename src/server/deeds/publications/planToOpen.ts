import type { Database } from '../../ground/database/database';
import { insertJob } from '../../ground/jobs/queries';
import { upsertPlannedOpening, type PlannedOpening } from '../../tables/plannedOpenings';

/** Plans that a post is opened at a time, in place of what was planned before. */
export async function planToOpen(
  database: Database,
  planned: PlannedOpening & { readonly now: Date },
): Promise<void> {
  await upsertPlannedOpening(database, planned);
  await insertJob(database, { kind: 'openPlanned', payload: { postId: planned.postId }, at: planned.at });
}

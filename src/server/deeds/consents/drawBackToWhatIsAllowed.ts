import type { DrawnBack } from '../../../contract/publications/drawnBack';
import type { Database } from '../../ground/database/database';
import { listClassesEverOf } from '../../tables/classes';
import { drawBack } from '../publications/drawBack';

/**
 * Draws back, in every class, what somebody wrote or is in a picture of, as far as it stands before more people than the class's
 * ceiling and consent allow now.
 */
export async function drawBackToWhatIsAllowed(
  database: Database,
  personId: string,
  { by, now }: { readonly by: string; readonly now: Date },
): Promise<readonly DrawnBack[]> {
  const drawn: DrawnBack[] = [];
  for (const inClass of await listClassesEverOf(database, personId))
    drawn.push(...(await drawBack(database, inClass, { personId, by, now })));
  return drawn;
}

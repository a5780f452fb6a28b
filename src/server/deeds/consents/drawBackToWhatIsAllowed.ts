import type { DrawnBack } from '../../../contract/publications/drawnBack';
import type { Database } from '../../ground/database/database';
import { listClassesEverOf } from '../../tables/classes';
import { drawBack } from '../publications/drawBack';

/** Draws back, in every class, what a writer has before more people than the class's ceiling and consent allow now. */
export async function drawBackToWhatIsAllowed(
  database: Database,
  writerId: string,
  { by, now }: { readonly by: string; readonly now: Date },
): Promise<readonly DrawnBack[]> {
  const drawn: DrawnBack[] = [];
  for (const inClass of await listClassesEverOf(database, writerId))
    drawn.push(...(await drawBack(database, inClass, { writerId, by, now })));
  return drawn;
}

import type { DrawnBack } from '../../../contract/publications/drawnBack';
import { narrower } from '../../../core/access/audience';
import { widestWith } from '../../../core/privacy/consent';
import type { Database } from '../../ground/database/database';
import { listClassesEverOf } from '../../tables/classes';
import { drawBack } from '../publications/drawBack';
import { findAppearance } from '../subjects/appearances';

/** Draws back, in every class, what a writer has before more people than the class's ceiling and consent allow now. */
export async function drawBackToWhatIsAllowed(
  database: Database,
  writerId: string,
  { by, now }: { readonly by: string; readonly now: Date },
): Promise<readonly DrawnBack[]> {
  const drawn: DrawnBack[] = [];
  for (const inClass of await listClassesEverOf(database, writerId)) {
    const to = narrower(
      inClass.ceiling,
      widestWith(await findAppearance(database, inClass, { writerId, now })),
    );
    drawn.push(...(await drawBack(database, { classId: inClass.id, writerId }, { to, by, now })));
  }
  return drawn;
}

import { narrower } from '../../../core/access/audience';
import { may } from '../../../core/access/may';
import { findActor } from '../../ground/access/roles';
import type { Reader } from '../../ground/access/reader';
import { findClass } from '../../tables/classes';
import { database } from '../../ground/database/database';
import { listShown } from '../../tables/passphrases';
import { tokenHash } from '../../ground/secrets/secrets';
import type { PageUse } from '../pages/uses';

/** What somebody may see of what pages name: nothing, what some may, or what everybody may. */
export type PageSight = 'nothing' | 'forSome' | 'forEveryone';

/** Whether somebody may read, or tends, one of the pages that name something. */
export async function sightOnPages(
  uses: readonly PageUse[],
  { personId, device }: Reader,
): Promise<PageSight> {
  let sight: PageSight = 'nothing';
  for (const { classId, audience } of uses) {
    const inClass = await findClass(database, classId);
    if (!inClass) continue;
    const publishedTo = audience && narrower(audience, inClass.ceiling);
    if (publishedTo === 'everyone') return 'forEveryone';
    const actor = await findActor(database, classId, personId);
    const passphraseShown =
      device !== null && (await listShown(database, classId, tokenHash(device))).has('');
    if (may(actor, 'page.tend', {}) || may(actor, 'page.read', { publishedTo, passphraseShown }))
      sight = 'forSome';
  }
  return sight;
}

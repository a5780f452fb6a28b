import { audiencesUpTo } from '../../../core/access/audience';
import { perform } from '../../ground/access/perform';
import { database } from '../../ground/database/database';
import { findPublication } from '../../tables/publications';
import { deletePlannedOpening, findPlannedOpening, markNotOpened } from '../../tables/plannedOpenings';
import { publish } from '../publications/publish';

/**
 * Opens a post whose time has come, as whoever planned it: all that was asked then is asked again, since ceiling, consent and who
 * teaches may be others now. What is refused stays planned with why, for the teachers to see. One that was moved, left or opened
 * otherwise is left alone.
 */
export async function openPlanned(
  { postId }: { readonly postId: string },
  _: string,
  now: Date,
): Promise<void> {
  const planned = await findPlannedOpening(database, postId);
  if (!planned || planned.at > now || planned.refused !== null) return;
  const { audience, details, by } = planned;
  const publication = await findPublication(database, postId);
  if (publication && audiencesUpTo(publication.audience).includes(audience)) {
    // It was opened as far, or further, some other way meanwhile.
    await deletePlannedOpening(database, postId);
    return;
  }
  const opened = await perform(publish, { postId, audience, details }, { personId: by, now });
  if (!opened.ok) await markNotOpened(database, postId, opened.code);
}

import { may } from '../../../core/access/may';
import { agoInWords } from '../../../core/timing/inWords';
import type { Desk } from '../../deeds/sessions/desk';
import { database } from '../../ground/database/database';
import { listLatestHandIns } from '../../tables/handIns';
import { listEverMembers } from '../../tables/memberships';

const MOST = 20;

/** What a student editor may read before it is published, the latest first, in all classes that allow it. */
export async function listToRead(desks: readonly Desk[]) {
  const shown = [];
  for (const { personId, role, inClass, now, place } of desks) {
    const { editorsRead } = inClass;
    // A classmate's hand-in: one's own is among one's posts.
    if (!may({ personId, role }, 'post.readHandIn', { handedIn: true, editorsRead })) continue;
    const handIns = await listLatestHandIns(database, { classId: inClass.id, but: personId, most: MOST });
    if (handIns.length === 0) continue;
    const names = new Map(
      (await listEverMembers(database, inClass.id)).map((one) => [one.personId, one.shownName]),
    );
    for (const one of handIns)
      shown.push({
        href: `/blog/${inClass.address}/kept/${one.receipt}`,
        title: one.title || one.assignment,
        assignment: one.assignment,
        writer: names.get(one.writerId) ?? '',
        when: agoInWords(one.handedInAt.getTime(), now.getTime(), place.timeZone, place.language),
      });
  }
  return shown;
}

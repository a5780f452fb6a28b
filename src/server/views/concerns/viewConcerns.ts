import { may } from '../../../core/access/may';
import { agoInWords } from '../../../core/timing/inWords';
import { listEverMembers } from '../../tables/memberships';
import { database } from '../../ground/database/database';
import type { Desk } from '../../deeds/sessions/desk';
import { listCases } from '../../tables/cases';

/** What readers told the teachers of a class; null for everybody else. */
export async function maybeConcerns({ personId, role, inClass, now, place }: Desk) {
  if (!may({ personId, role }, 'class.teach', {})) return null;
  const names = new Map(
    (await listEverMembers(database, inClass.id)).map((one) => [one.personId, one.shownName]),
  );
  return {
    classId: inClass.id,
    concerns: (await listCases(database, inClass.id)).map((one) => ({
      id: one.id,
      title: one.title,
      writer: names.get(one.writerId) ?? '',
      address: one.address && `/blog/${inClass.address}/${one.address}`,
      /** Null for a reader from outside, or who was not signed in. */
      from: one.toldBy === null ? null : (names.get(one.toldBy) ?? null),
      words: one.words,
      comment: one.kept === null ? null : { text: one.kept, author: names.get(one.aboutId ?? '') ?? '' },
      when: agoInWords(one.toldAt.getTime(), now.getTime(), place.timeZone, place.language),
      seen: one.seenAt !== null,
    })),
  };
}

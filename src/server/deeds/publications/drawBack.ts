import type { DrawnBack } from '../../../contract/publications/drawnBack';
import { missingInPictures } from '../../../core/privacy/consent';
import { readersNow } from '../../../core/privacy/readersNow';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import type { ClassRow } from '../../tables/classes';
import { listEverMembers } from '../../tables/memberships';
import {
  endPublications,
  insertPublications,
  listPublications,
  type ClassPublicationRow,
} from '../../tables/publications';
import { listAppearances } from '../subjects/appearances';
import { renewShown } from '../subjects/renewShown';

/** Which posts: all of a class as it is or will be, those that one person wrote or is in a picture of, or some. */
interface Whose {
  readonly personId?: string;
  readonly postIds?: ReadonlySet<string>;
  readonly now: Date;
}

/** The publications of a class with what readers outside need to know of their writers. */
export async function listWithWriters(
  database: Database,
  inClass: ClassRow,
  { personId, postIds, now }: Whose,
) {
  const publications = await listPublications(database, inClass.id);
  const members = await listEverMembers(database, inClass.id);
  const outside = await listAppearances(database, inClass, { members, now });
  const people = new Map(members.map((member) => [member.personId, member]));
  return publications
    .map((publication) => ({
      publication,
      writer: people.get(publication.writerId)?.shownName ?? '',
      outside: outside(publication.writerId, publication.postId),
      people,
    }))
    .filter(
      ({ publication: { postId, writerId }, outside }) =>
        (postIds?.has(postId) ?? true) &&
        (personId === undefined || writerId === personId || missingInPictures(outside).includes(personId)),
    );
}

/** What goes further than the ceiling of a class and consent allow: named, with where it would be drawn back to. */
export async function listToDrawBack(
  database: Database,
  inClass: ClassRow,
  whose: Whose,
): Promise<readonly (DrawnBack & { readonly publication: ClassPublicationRow })[]> {
  return (await listWithWriters(database, inClass, whose)).flatMap(({ publication, writer, outside }) => {
    const { postId, writerId, title, audience } = publication;
    // A worry draws nothing back: what it keeps away is there again once that is decided.
    const { to } = readersNow(audience, { ceiling: inClass.ceiling, outside, away: false });
    return to === audience ? [] : [{ postId, writerId, writer, title, from: audience, to, publication }];
  });
}

/** Draws back, at once, every post that goes further than the ceiling of a class and consent allow. */
export async function drawBack(
  database: Database,
  inClass: ClassRow,
  { by, ...whose }: Whose & { readonly by: string },
): Promise<readonly DrawnBack[]> {
  const drawn = await listToDrawBack(database, inClass, whose);
  await endPublications(
    database,
    drawn.map(({ postId }) => postId),
    whose.now,
  );
  await insertPublications(
    database,
    drawn
      .filter(({ to }) => to !== 'writerAndTeachers')
      .map(({ postId, from, to, publication: { revisionId, drawnFrom } }) => ({
        id: newId(),
        postId,
        revisionId,
        audience: to,
        since: whose.now,
        by,
        // Drawn back twice, it is remembered where it stood at first.
        drawnFrom: drawnFrom ?? from,
      })),
  );
  // What is not drawn back may be allowed on other days than before.
  await renewShown(database, { classId: inClass.id, postIds: null }, whose.now);
  return drawn.map(({ publication: _, ...one }) => one);
}

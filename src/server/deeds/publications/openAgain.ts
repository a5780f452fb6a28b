import { openAgain as deed } from '../../../contract/publications/openAgain';
import type { OpenableAgain } from '../../../contract/publications/drawnBack';
import { narrower } from '../../../core/access/audience';
import { readersNow } from '../../../core/privacy/readersNow';
import { done } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import type { ClassRow } from '../../tables/classes';
import { endPublications, insertPublications, type ClassPublicationRow } from '../../tables/publications';
import { inPicturesShown } from '../subjects/inPicturesShown';
import { classUseCase } from '../subjects/classUseCase';
import { renewShown } from '../subjects/renewShown';
import { listWithWriters } from './drawBack';

/** What was drawn back in a class and has not been decided about since, with how far it could be opened again now. */
export async function listOpenableAgain(
  database: Database,
  inClass: ClassRow,
  { now }: { readonly now: Date },
): Promise<readonly (OpenableAgain & { readonly publication: ClassPublicationRow })[]> {
  return (await listWithWriters(database, inClass, { now })).flatMap(
    ({ publication, writer, outside, people }) => {
      const { postId, writerId, title, drawnFrom, wished } = publication;
      if (drawnFrom === null) return [];
      // Its writer may have asked for fewer readers meanwhile.
      const from = narrower(drawnFrom, wished ?? drawnFrom);
      const reaches = readersNow(from, { ceiling: inClass.ceiling, outside, away: publication.away });
      // A consent that ran out keeps it within the class without drawing it back; then it would reach fewer than its row says.
      const further =
        reaches.to !== publication.audience && narrower(reaches.to, publication.audience) !== reaches.to;
      return from === publication.audience
        ? []
        : [
            {
              postId,
              writerId,
              writer,
              title,
              from,
              ...reaches,
              inPictures: inPicturesShown(outside, people),
              further,
              publication,
            },
          ];
    },
  );
}

export const openAgain = classUseCase(deed, {
  turn: true,
  async run({ postIds }, inClass, { database, personId, now }) {
    const asked = new Set(postIds);
    const openable = (await listOpenableAgain(database, inClass, { now })).filter(
      ({ postId, further }) => asked.has(postId) && further,
    );
    await endPublications(
      database,
      openable.map(({ postId }) => postId),
      now,
    );
    await insertPublications(
      database,
      openable.map(({ postId, from, to, publication: { revisionId } }) => ({
        id: newId(),
        postId,
        revisionId,
        audience: to,
        since: now,
        by: personId,
        // What does not reach all of them yet may be opened further later on.
        drawnFrom: to === from ? null : from,
      })),
    );
    await renewShown(database, { classId: inClass.id, postIds: null }, now);
    return done({ opened: openable.length }, { before: null, after: openable.length });
  },
});

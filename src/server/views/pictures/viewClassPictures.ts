import { may } from '../../../core/access/may';
import { mayBeReused } from '../../../core/document/licences';
import { nameInClass } from '../../../core/people/names';
import type { ClassPicture } from '../../../core/posts/classPicture';
import { findActor } from '../../ground/access/roles';
import { done, NOT_THERE, type Result } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { listClassPictureRows } from '../../deeds/pictures/classPictures';
import { textsFrom } from '../../tables/columns';

/** The pictures of a class for somebody who belongs to it, the latest first. */
export async function listClassPictures(
  classId: string,
  personId: string | null,
): Promise<Result<{ readonly pictures: readonly ClassPicture[] }>> {
  const actor = await findActor(database, classId, personId);
  if (personId === null || !may(actor, 'picture.add', {})) return NOT_THERE;
  const pictures = new Map<string, ClassPicture>();
  for (const row of await listClassPictureRows(database, { classId, personId })) {
    const known = pictures.get(row.id);
    const title = row.postTitle ?? '';
    if (known) {
      if (title && !known.shownIn.includes(title))
        pictures.set(row.id, { ...known, shownIn: [...known.shownIn, title] });
      continue;
    }
    const own = row.uploadedBy === personId;
    pictures.set(row.id, {
      id: row.id,
      perceptualHash: row.perceptualHash,
      description: row.description ?? '',
      caption: row.caption ?? '',
      credit: row.credit ?? '',
      licence: row.licence ?? '',
      by: nameInClass({ ...row, penName: null }),
      own,
      choosable: own || mayBeReused(row.licence ?? ''),
      labels: row.labels === null ? [] : textsFrom(row.labels),
      shownIn: title ? [title] : [],
    });
  }
  return done({ pictures: [...pictures.values()] });
}

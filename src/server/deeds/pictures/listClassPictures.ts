import { listClassPictures as deed } from '../../../contract/pictures/listClassPictures';
import { mayBeReused } from '../../../core/document/licences';
import { nameInClass } from '../../../core/people/names';
import type { ClassPicture } from '../../../core/posts/classPicture';
import { done } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { textsFrom } from '../../tables/columns';
import { classUseCase } from '../subjects/classUseCase';
import { listClassPictureRows } from './classPictures';

export const listClassPictures = classUseCase(deed, {
  async run({ classId }, _, { database, personId }) {
    return done({ pictures: await classPicturesFor(database, { classId, personId }) });
  },
});

/** The pictures of a class for somebody who belongs to it, the latest first. */
export async function classPicturesFor(
  database: Database,
  { classId, personId }: { readonly classId: string; readonly personId: string },
): Promise<readonly ClassPicture[]> {
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
  return [...pictures.values()];
}

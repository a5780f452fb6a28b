import { may } from '../../core/access/may';
import { mayBeReused } from '../../core/document/licences';
import { nameInClass } from '../../core/people/names';
import { findActor } from '../access/roles';
import { done, NOT_THERE, type Result } from '../access/useCase';
import { database } from '../database/database';
import { listClassPictureRows } from './classPictures';

/** A picture that a class can find again. */
export interface ClassPicture {
  readonly id: string;
  readonly perceptualHash: string;
  readonly description: string;
  readonly caption: string;
  readonly credit: string;
  readonly licence: string;
  /** Whose it is, by the name that the class knows. */
  readonly by: string;
  readonly own: boolean;
  /** Whether whoever looks may put it into a post of their own. */
  readonly choosable: boolean;
  readonly labels: readonly string[];
  /** The titles of the posts that show it, as far as the class can read them. */
  readonly shownIn: readonly string[];
}

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
      labels: row.labels === null ? [] : (JSON.parse(row.labels) as readonly string[]),
      shownIn: title ? [title] : [],
    });
  }
  return done({ pictures: [...pictures.values()] });
}

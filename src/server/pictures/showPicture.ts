import { may, type Actor } from '../../core/access/may';
import { findRole } from '../access/roles';
import { database } from '../database/database';
import { maybeReadPicture, PICTURE_WIDTHS, type PictureWidth } from '../storage/pictureFiles';
import { findPicture, listUses } from './queries';

export interface ShownPicture {
  readonly content: Buffer;
  /** Whether anybody at all may see it, so that it may be kept by caches on the way. */
  readonly forEveryone: boolean;
}

/**
 * A picture for whoever may see it: who uploaded it, the teachers once it was handed in, and the readers of a post
 * that shows it. Null for everybody else, as for a picture that is not there.
 */
export async function maybeShowPicture(
  { id, width }: { readonly id: string; readonly width: number },
  personId: string | null,
): Promise<ShownPicture | null> {
  const known = PICTURE_WIDTHS.find((one) => one === width);
  const picture = known === undefined ? null : await findPicture(database, id);
  if (!picture) return null;
  const actor = {
    personId,
    role: personId === null ? null : await findRole(database, picture.classId, personId),
  };
  const uses = await listUses(database, id);
  const seen =
    (personId !== null && picture.uploadedBy === personId) || uses.some((use) => maySee(actor, use));
  if (!seen) return null;
  const content = await maybeReadPicture(picture.contentHash, known as PictureWidth);
  return content && { content, forEveryone: uses.some((use) => use.publishedTo === 'everyone') };
}

function maySee(actor: Actor, use: Parameters<typeof may>[2]): boolean {
  return may(actor, 'post.read', use) || may(actor, 'post.readHandIn', use);
}

import { may } from '../../../core/access/may';
import { database } from '../../ground/database/database';
import { classPicturesFor } from '../../deeds/pictures/listClassPictures';
import type { Desk } from '../../deeds/sessions/desk';

/** The pictures of a class for its teachers, the latest first; null for everybody else. */
export async function maybeClassPictures({ personId, role, inClass }: Desk) {
  if (!may({ personId, role }, 'class.teach', {})) return null;
  return classPicturesFor(database, { classId: inClass.id, personId });
}

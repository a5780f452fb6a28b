import { may, type Subject } from '../../../core/access/may';
import { database } from '../../ground/database/database';
import type { Desk } from '../../deeds/sessions/desk';
import { findPostToShow, type PostFacts } from '../../deeds/subjects/findPostToActOn';

/** A post of the class that is looked at, for its writer, and for who types it in for them; null for everybody else. */
export async function maybeOwnPost(
  postId: string,
  { personId, role, inClass, now }: Desk,
): Promise<(PostFacts & { readonly subject: Subject }) | null> {
  const found = await findPostToShow(database, postId, now);
  if (found?.classId !== inClass.id || !may({ personId, role }, 'post.write', found.subject)) return null;
  return { ...found.rows, subject: found.subject };
}

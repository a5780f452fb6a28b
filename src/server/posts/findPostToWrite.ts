import { may } from '../../core/access/may';
import { findActor } from '../access/roles';
import { database } from '../database/database';
import { findPostToShow, type PostFacts } from './findPostToActOn';

/** A post for somebody who may write it, read outside any transaction; null for everybody else. */
export async function findPostToWrite(
  postId: string,
  { personId, now }: { readonly personId: string; readonly now: Date },
): Promise<PostFacts | null> {
  const found = await findPostToShow(database, postId, now);
  if (!found) return null;
  const actor = await findActor(database, found.rows.inClass.id, personId);
  return may(actor, 'post.write', found.subject) ? found.rows : null;
}

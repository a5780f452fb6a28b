import { may } from '../../core/access/may';
import { findActor } from '../access/roles';
import { findAssignmentToActOn } from '../assignments/assignmentFacts';
import { database } from '../database/database';
import { findPostToShow } from './findPostToActOn';

/**
 * The class that a writing belongs to, for somebody who may write it, read outside any transaction; null for everybody else.
 * @param writingId a post, or an assignment whose instructions are written
 */
export async function findClassToWriteIn(
  writingId: string,
  { personId, now }: { readonly personId: string; readonly now: Date },
): Promise<string | null> {
  const post = await findPostToShow(database, writingId, now);
  const found = post ?? (await findAssignmentToActOn(database, writingId));
  if (!found) return null;
  const { inClass } = found.rows;
  const actor = await findActor(database, inClass.id, personId);
  return may(actor, post ? 'post.write' : 'assignment.change', found.subject) ? inClass.id : null;
}

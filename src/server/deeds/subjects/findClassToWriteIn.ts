import { may } from '../../../core/access/may';
import type { Action } from '../../../core/access/table';
import { findActor } from '../../ground/access/roles';
import type { Found } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { findAssignmentToActOn } from './assignmentFacts';
import { findPageToActOn } from './pageUseCase';
import { findPostToShow } from './findPostToActOn';

type Find = (writingId: string, now: Date) => Promise<Found<unknown> | null>;

/** What can be written, and what one must be allowed to do to it. */
const WRITINGS: readonly (readonly [Action, Find])[] = [
  ['post.write', (id, now) => findPostToShow(database, id, now)],
  ['assignment.change', (id, now) => findAssignmentToActOn(database, id, now)],
  ['page.tend', (id) => findPageToActOn(database, id)],
];

/**
 * The class that a writing belongs to, for somebody who may write it, read outside any transaction; null for everybody else.
 * @param writingId a post, an assignment whose instructions are written, or a page
 */
export async function findClassToWriteIn(
  writingId: string,
  { personId, now }: { readonly personId: string; readonly now: Date },
): Promise<string | null> {
  for (const [action, find] of WRITINGS) {
    const found = await find(writingId, now);
    if (!found?.classId) continue;
    const actor = await findActor(database, found.classId, personId);
    return may(actor, action, found.subject) ? found.classId : null;
  }
  return null;
}

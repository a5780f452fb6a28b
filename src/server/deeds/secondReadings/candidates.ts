import type { ClassRole } from '../../../core/access/may';
import type { Candidate } from '../../../core/grading/secondReading';
import type { Database } from '../../ground/database/database';
import { adjusterFor } from '../../tables/adjustments';
import type { AssignmentRow } from '../../tables/assignments';
import type { ClassRow } from '../../tables/classes';
import { listJudgedBy } from '../../tables/judgements';
import { listPostStates } from '../../tables/postStates';
import { listSecondReadings } from '../../tables/secondReadings';
import { figuresOf } from '../grades/figuresOf';

/** Whether somebody can read posts of their class a second time: whoever is let in for a few days gives no figures beside another's. */
export function canReadSecond(role: ClassRole): boolean {
  return role === 'teacher' || role === 'coTeacher';
}

/** The posts of an assignment that a teacher can judge a second time: handed in, not read twice yet, and not judged by them. */
export async function candidatesFor(
  database: Database,
  {
    assignment,
    inClass,
    readerId,
  }: { readonly assignment: AssignmentRow; readonly inClass: ClassRow; readonly readerId: string },
): Promise<readonly Candidate[]> {
  const read = new Set((await listSecondReadings(database, assignment.id)).map(({ postId }) => postId));
  const judged = await listJudgedBy(database, { assignmentId: assignment.id, readerId });
  const adjust = await adjusterFor(database, inClass);
  const figure = await figuresOf(database, assignment, inClass, 'first');
  return (await listPostStates(database, { assignmentId: assignment.id }))
    .filter((post) => post.handInId !== null && post.writerId !== readerId)
    .filter(({ postId }) => !read.has(postId) && !judged.has(postId))
    .map((post) => ({
      postId: post.postId,
      figure: figure(post, adjust(assignment, post.writerId)).figure,
    }));
}

import { numberShown } from '../../../core/people/drawnNumber';
import type { Answer } from '../../../core/requirements/answer';
import { listMembers } from '../../tables/memberships';
import type { Database } from '../../ground/database/database';
import { hiddenOfAssignment } from '../../tables/hiddenNames';
import { listHandIns } from '../../tables/handIns';
import { findPost } from '../../tables/posts';
import { listStandings } from '../../tables/postsOfClass';
import { findRevision } from '../../tables/revisions';
import { adjustedFor } from '../../tables/adjustments';
import type { AssignmentFacts } from '../subjects/assignmentFacts';
import { evidenceFor } from './evidence';

/** How the latest hand-in of a post would stand by other requirements. */
export interface EvidenceChange {
  readonly handInId: string;
  readonly writer: string;
  readonly before: Answer;
  readonly after: Answer;
}

/**
 * The latest hand-ins of an assignment, measured anew by its requirements as they are given in `assignment`.
 * @param by who looks: while names are hidden from them, a number stands for the writer
 * @returns those alone whose evidence comes out different
 */
export async function evidenceChanges(
  database: Database,
  { assignment, inClass }: AssignmentFacts,
  by: string,
): Promise<EvidenceChange[]> {
  const names = new Map(
    (await listMembers(database, inClass.id)).map((one) => [one.personId, one.shownName]),
  );
  const hidden = await hiddenOfAssignment(database, assignment, by);
  const changes: EvidenceChange[] = [];
  for (const standing of await listStandings(database, inClass.id)) {
    if (standing.assignmentId !== assignment.id || standing.handInId === null) continue;
    const post = await findPost(database, standing.postId);
    const handIn = (await listHandIns(database, standing.postId)).find((one) => one.id === standing.handInId);
    const revision = handIn && (await findRevision(database, handIn.revisionId));
    if (!post || !handIn || !revision) continue;
    const number = hidden.get(post.id);
    const { title, labels, beside, body } = revision;
    const { answer } = await evidenceFor(
      database,
      { ...post, title, labels, beside, body },
      await adjustedFor(database, inClass, assignment, post.writerId),
      inClass,
    );
    if (JSON.stringify(standOf(answer)) !== JSON.stringify(standOf(handIn.evidence)))
      changes.push({
        handInId: handIn.id,
        writer: number === undefined ? (names.get(post.writerId) ?? '') : numberShown(number),
        before: handIn.evidence,
        after: answer,
      });
  }
  return changes;
}

/** What of an answer a person would notice. */
function standOf(answer: Answer): unknown {
  return answer.requirements.map(({ id, state, earned, possible, measured }) => [
    id,
    state,
    earned,
    possible,
    measured,
  ]);
}

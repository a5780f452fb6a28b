import { cappedAudience, narrower } from '../../core/access/audience';
import { widestWith } from '../../core/privacy/consent';
import { maybeReaches } from '../../core/posts/release';
import { done, refused, type UseCase } from '../access/useCase';
import { findAssignment, markOpened, type AssignmentRow } from '../assignments/queries';
import { findClass, listEverMembers, type ClassRow } from '../classes/queries';
import { listAppearances } from '../consents/appearances';
import { putBeforeReaders } from './putBeforeReaders';
import { listAcceptedPosts } from './queries';

interface Input {
  readonly assignmentId: string;
}

interface Rows {
  readonly assignment: AssignmentRow;
  readonly inClass: ClassRow;
}

/** Opens an assignment's whole set: every accepted post reaches its audience now, and later ones as they are accepted. */
export const openSet: UseCase<Input, Rows, { readonly published: number }> = {
  name: 'openSet',
  action: 'assignment.change',
  input: {
    type: 'object',
    required: ['assignmentId'],
    additionalProperties: false,
    properties: { assignmentId: { type: 'string', maxLength: 16 } },
  },
  async find({ assignmentId }, { database }) {
    const assignment = await findAssignment(database, assignmentId);
    const inClass = assignment && (await findClass(database, assignment.classId));
    if (!assignment || !inClass) return null;
    const subject = { assignmentIsSet: assignment.setAt !== null };
    return { subject, classId: assignment.classId, subjectId: assignmentId, rows: { assignment, inClass } };
  },
  async run({ assignmentId }, { rows: { assignment, inClass } }, { database, personId, now }) {
    if (!assignment.setAt || assignment.release !== 'opened') return refused('assignment.nothingToOpen');
    await markOpened(database, assignmentId, now);
    let published = 0;
    const members = await listEverMembers(database, inClass.id);
    const appears = await listAppearances(database, inClass, { members, now });
    for (const post of await listAcceptedPosts(database, assignmentId)) {
      const ceiling = narrower(inClass.ceiling, widestWith(appears(post.writerId)));
      const wished = cappedAudience(ceiling, assignment.audience, post.audience);
      const audience = maybeReaches('opened', assignment.release, wished, { setOpened: true });
      if (!audience) continue;
      await putBeforeReaders(database, {
        postId: post.postId,
        revisionId: post.revisionId,
        audience,
        by: personId,
        now,
      });
      published += 1;
    }
    return done({ published });
  },
};

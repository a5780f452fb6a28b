import { typeIn as deed } from '../../../contract/posts/typeIn';
import { done, refused } from '../../ground/access/useCase';
import { canBeBegun } from '../../tables/assignmentEndings';
import { findPostOf } from '../../tables/posts';
import { askedStudents } from '../assignments/askedStudents';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { insertBegun } from './beginPost';

export const typeIn = assignmentUseCase(deed, {
  async run({ personId: writerId }, { assignment, inClass }, { database, personId, now }) {
    if (!assignment.setAt) return refused('post.notSet');
    const asked = await askedStudents(database, inClass.id, [writerId]);
    if (!asked.ok) return asked;
    const begun = await findPostOf(database, assignment.id, writerId);
    // Nobody writes in what a child has begun.
    if (begun && begun.typesInId !== personId) return refused('post.begunAlready');
    if (begun) return done({ postId: begun.id });
    if (!(await canBeBegun(database, assignment.id, now))) return refused('post.putAway');
    return done({
      postId: await insertBegun(database, assignment, { writerId, typedInById: personId, now }),
    });
  },
});

import { beginPost as deed } from '../../../contract/posts/beginPost';
import { outlineDocument } from '../../../core/document/openDocument';
import { NOTHING_BESIDE } from '../../../core/posts/beside';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { canBeBegun } from '../../tables/assignmentEndings';
import { drawNumber } from '../../tables/hiddenNames';
import { findPostOf, insertPost } from '../../tables/posts';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const beginPost = assignmentUseCase(deed, {
  async run(_, { assignment }, { database, personId, now }) {
    const begun = await findPostOf(database, assignment.id, personId);
    if (begun) return done({ postId: begun.id });
    if (!(await canBeBegun(database, assignment.id, now))) return refused('post.putAway');
    const id = newId();
    await insertPost(database, {
      id,
      classId: assignment.classId,
      assignmentId: assignment.id,
      writerId: personId,
      stage: 'draft',
      title: '',
      labels: [],
      beside: NOTHING_BESIDE,
      body: JSON.stringify(outlineDocument(assignment.outline).toJSON()),
      audience: null,
      address: null,
      askedAddress: null,
      version: 1,
      begunAt: now,
      savedAt: now,
      drawnNumber: await drawNumber(database, assignment.id),
    });
    return done({ postId: id });
  },
});

import { deleteAssignment as deed } from '../../../contract/assignments/deleteAssignment';
import { previewAssignmentDeletion as previewDeed } from '../../../contract/assignments/previewAssignmentDeletion';
import { restoreAssignment as restoreDeed } from '../../../contract/assignments/restoreAssignment';
import { goesForGoodAt } from '../../../core/privacy/reversible';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { insertJob } from '../../ground/jobs/queries';
import {
  countAssignmentHoldings,
  hideAssignment,
  lockDeletedAssignment,
  unhideAssignment,
} from '../../tables/assignmentEndings';
import { drawBack } from '../publications/drawBack';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { classUseCase } from '../subjects/classUseCase';
import { partFromSiblings } from './taughtSiblings';
import { renewShown } from '../subjects/renewShown';

export const previewAssignmentDeletion = assignmentUseCase(previewDeed, {
  run: async ({ assignmentId }, _, { database }) =>
    done(await countAssignmentHoldings(database, assignmentId)),
});

export const deleteAssignment = assignmentUseCase(deed, {
  turn: true,
  async run({ assignmentId, posts }, { assignment }, { database, now }) {
    if (assignment.series) return refused('assignment.endSeriesFirst');
    const holdings = await countAssignmentHoldings(database, assignmentId);
    if (holdings.posts !== posts) return refused('assignment.morePosts');
    const eraseAt = goesForGoodAt(now);
    await partFromSiblings(database, assignment, now);
    await hideAssignment(database, { id: assignmentId, at: now, eraseAt });
    await renewShown(database, { classId: assignment.classId, postIds: null }, now);
    await insertJob(database, { kind: 'eraseAssignment', payload: { assignmentId }, at: eraseAt });
    return done({ eraseAt: eraseAt.toISOString() }, { before: null, after: posts });
  },
});

export const restoreAssignment = classUseCase(restoreDeed, {
  turn: true,
  async run({ classId, assignmentId: id }, inClass, { database, personId, now }) {
    const deleted = await lockDeletedAssignment(database, id);
    if (deleted?.classId !== classId) return NOT_THERE;
    if (deleted.eraseAt <= now) return refused('assignment.goneForGood');
    await unhideAssignment(database, { id, deletedAt: deleted.deletedAt });
    // What was narrowed meanwhile is narrow for its posts too.
    await drawBack(database, inClass, { by: personId, now });
    return done(null);
  },
});

import { adjustAssignment as adjustAssignmentDeed } from '../../../contract/assignments/adjustAssignment';
import { dropAdjustment as dropAdjustmentDeed } from '../../../contract/assignments/dropAdjustment';
import { adjusted } from '../../../core/assignments/adjustment';
import { limitsCross } from '../../../core/requirements/limitsCross';
import { instantOf } from '../../../core/timing/zonedTime';
import { done, refused } from '../../ground/access/useCase';
import { deleteAdjustment, upsertAdjustment } from '../../tables/adjustments';
import { askedStudents } from './askedStudents';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const adjustAssignment = assignmentUseCase(adjustAssignmentDeed, {
  async run(input, { assignment, inClass }, { database, personId: by, now }) {
    const asked = await askedStudents(database, inClass.id, input.personIds);
    if (!asked.ok) return asked;
    const dueAt = input.due === null ? null : new Date(instantOf(input.due, inClass.timeZone));
    if (dueAt && assignment.dueAt && dueAt < assignment.dueAt) return refused('assignment.dueBefore', 'due');
    const { leftOut, limits } = input;
    const crossed = adjusted(assignment.requirements, { leftOut, limits }).find(limitsCross);
    if (crossed) return refused('assignment.limitsCross', `limits.${crossed.id}`);
    for (const personId of input.personIds)
      await upsertAdjustment(database, {
        assignmentId: assignment.id,
        personId,
        dueAt,
        leftOut,
        limits,
        by,
        at: now,
      });
    return done({});
  },
});

export const dropAdjustment = assignmentUseCase(dropAdjustmentDeed, {
  async run({ assignmentId: id, personId }, _, { database }) {
    await deleteAdjustment(database, id, personId);
    return done({});
  },
});

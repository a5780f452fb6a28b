import { giveMoreTime as deed } from '../../../contract/assignments/giveMoreTime';
import { instantOf } from '../../../core/timing/zonedTime';
import { done, refused } from '../../ground/access/useCase';
import { moveDue } from '../../tables/adjustments';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { askedStudents } from './askedStudents';

export const giveMoreTime = assignmentUseCase(deed, {
  async run({ personIds, due }, { assignment, inClass }, { database, personId: by, now }) {
    const asked = await askedStudents(database, inClass.id, personIds);
    if (!asked.ok) return asked;
    const dueAt = new Date(instantOf(due, inClass.timeZone));
    if (!assignment.dueAt) return refused('assignment.noDueToMove', 'due');
    if (dueAt < assignment.dueAt) return refused('assignment.dueBefore', 'due');
    await moveDue(database, { assignmentId: assignment.id, personIds, dueAt, by, at: now });
    return done({ moved: personIds.length });
  },
});

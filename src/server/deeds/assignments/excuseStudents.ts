import { excuseStudents as deed } from '../../../contract/assignments/excuseStudents';
import { done } from '../../ground/access/useCase';
import { updateExcused } from '../../tables/adjustments';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { askedStudents } from './askedStudents';

export const excuseStudents = assignmentUseCase(deed, {
  async run({ personIds, excused }, { assignment, inClass }, { database, personId: by, now }) {
    const asked = await askedStudents(database, inClass.id, personIds);
    if (!asked.ok) return asked;
    const excusedAt = excused ? now : null;
    await updateExcused(database, { assignmentId: assignment.id, personIds, excusedAt, by, at: now });
    return done({ changed: personIds.length });
  },
});

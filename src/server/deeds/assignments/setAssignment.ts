import { setAssignment as deed } from '../../../contract/assignments/setAssignment';
import { done, refused } from '../../ground/access/useCase';
import { markSet } from '../../tables/assignments';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { lackToSet } from './lackToSet';
import { taughtSiblings } from './taughtSiblings';

export const setAssignment = assignmentUseCase(deed, {
  async run({ assignmentId }, { assignment }, { database, personId, now }) {
    if (assignment.series) return refused('assignment.isSeries');
    const lack = lackToSet(assignment);
    if (lack) return lack;
    await markSet(database, assignmentId, now);
    for (const sibling of await taughtSiblings(database, assignment, { personId, now }))
      await markSet(database, sibling.assignment.id, now);
    return done(null);
  },
});

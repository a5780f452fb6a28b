import { done, refused } from '../access/useCase';
import { assignmentUseCase } from './assignmentUseCase';
import { lackToSet } from './lackToSet';
import { markSet } from './queries';
import { taughtSiblings } from './taughtSiblings';

interface Input {
  readonly assignmentId: string;
}

/**
 * Sets an assignment: from now on the students of its class see it and can begin, and those of the other classes that it
 * is given to.
 */
export const setAssignment = assignmentUseCase<Input, null>({
  name: 'setAssignment',
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

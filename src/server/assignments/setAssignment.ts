import { done, refused, type UseCase } from '../access/useCase';
import { findAssignmentToActOn, type AssignmentFacts } from './assignmentFacts';
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
export const setAssignment: UseCase<Input, AssignmentFacts, null> = {
  name: 'setAssignment',
  action: 'assignment.change',
  input: {
    type: 'object',
    required: ['assignmentId'],
    additionalProperties: false,
    properties: { assignmentId: { type: 'string', maxLength: 16 } },
  },
  find: ({ assignmentId }, { database }) => findAssignmentToActOn(database, assignmentId),
  async run({ assignmentId }, { rows: { assignment } }, { database, personId, now }) {
    if (assignment.series) return refused('assignment.isSeries');
    const lack = lackToSet(assignment);
    if (lack) return lack;
    await markSet(database, assignmentId, now);
    for (const sibling of await taughtSiblings(database, assignment, personId))
      await markSet(database, sibling.assignment.id, now);
    return done(null);
  },
};

import { saysSomething } from '../../core/assignments/lessonText';
import { done, refused, type UseCase } from '../access/useCase';
import { findAssignmentToActOn, type AssignmentFacts } from './assignmentFacts';
import { markSet } from './queries';

interface Input {
  readonly assignmentId: string;
}

/** Sets an assignment: from now on the students of its class see it and can begin. */
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
  async run({ assignmentId }, { rows: { assignment } }, { database, now }) {
    if (!assignment.title.trim()) return refused('assignment.noTitle', 'title');
    if (!saysSomething(assignment.instructions)) return refused('assignment.noInstructions', 'instructions');
    if (!assignment.dueAt) return refused('assignment.noDue', 'due');
    if (assignment.rubric.length === 0) return refused('assignment.noCriterion', 'rubric');
    await markSet(database, assignmentId, now);
    return done(null);
  },
};

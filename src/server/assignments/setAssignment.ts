import { done, refused, type UseCase } from '../access/useCase';
import { findAssignment, markSet, type AssignmentRow } from './queries';

interface Input {
  readonly assignmentId: string;
}

/** Sets an assignment: from now on the students of its class see it and can begin. */
export const setAssignment: UseCase<Input, AssignmentRow, null> = {
  name: 'setAssignment',
  action: 'assignment.change',
  input: {
    type: 'object',
    required: ['assignmentId'],
    additionalProperties: false,
    properties: { assignmentId: { type: 'string', maxLength: 16 } },
  },
  async find({ assignmentId }, { database }) {
    const assignment = await findAssignment(database, assignmentId);
    return (
      assignment && {
        subject: { assignmentIsSet: assignment.setAt !== null },
        classId: assignment.classId,
        subjectId: assignmentId,
        rows: assignment,
      }
    );
  },
  async run({ assignmentId }, { rows }, { database, now }) {
    if (!rows.title.trim()) return refused('assignment.noTitle', 'title');
    if (!rows.instructions.trim()) return refused('assignment.noInstructions', 'instructions');
    if (!rows.dueAt) return refused('assignment.noDue', 'due');
    if (rows.rubric.length === 0) return refused('assignment.noCriterion', 'rubric');
    await markSet(database, assignmentId, now);
    return done(null);
  },
};

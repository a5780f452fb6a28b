import { narrower } from '../../core/access/audience';
import { done, type UseCase } from '../access/useCase';
import { findClass, type ClassRow } from '../classes/queries';
import { newId } from '../database/newId';
import { insertAssignment, nextNumber } from './queries';

interface Input {
  readonly classId: string;
}

/** Begins a new assignment that only the teachers see until it is set. */
export const makeAssignment: UseCase<Input, ClassRow, { readonly assignmentId: string }> = {
  name: 'makeAssignment',
  action: 'assignment.make',
  input: {
    type: 'object',
    required: ['classId'],
    additionalProperties: false,
    properties: { classId: { type: 'string', maxLength: 16 } },
  },
  async find({ classId }, { database }) {
    const row = await findClass(database, classId);
    return row && { subject: {}, classId, subjectId: classId, rows: row };
  },
  async run({ classId }, { rows }, { database, personId, now }) {
    const id = newId();
    const assignment = {
      id,
      classId,
      number: await nextNumber(database, classId),
      title: '',
      instructions: '',
      dueAt: null,
      requirements: [],
      rubric: [],
      lateRule: { kind: 'none', graceMinutes: 15 },
      audience: narrower('ourClass', rows.ceiling),
      release: 'accepted',
      missing: 'warns',
      draftsOpen: false,
      setAt: null,
      openedAt: null,
      version: 1,
    } as const;
    await insertAssignment(database, assignment, { by: personId, at: now });
    return done({ assignmentId: id });
  },
};

import { idSchema } from '../input/idSchema';
import { outlineDocument } from '../../core/document/openDocument';
import { NOTHING_BESIDE } from '../../core/posts/beside';
import { done, type UseCase } from '../access/useCase';
import { findAssignment, type AssignmentRow } from '../assignments/queries';
import { newId } from '../database/newId';
import { findPostOf, insertPost } from './queries';

interface Input {
  readonly assignmentId: string;
}

/** Begins a student's post for an assignment; who has begun it already is given the one there is. */
export const beginPost: UseCase<Input, AssignmentRow, { readonly postId: string }> = {
  name: 'beginPost',
  action: 'post.begin',
  input: {
    type: 'object',
    required: ['assignmentId'],
    additionalProperties: false,
    properties: { assignmentId: idSchema },
  },
  async find({ assignmentId }, { database, now }) {
    const assignment = await findAssignment(database, assignmentId, now);
    return (
      assignment && {
        subject: { assignmentIsSet: assignment.setAt !== null },
        classId: assignment.classId,
        subjectId: assignmentId,
        rows: assignment,
      }
    );
  },
  async run(_, { rows: assignment }, { database, personId, now }) {
    const begun = await findPostOf(database, assignment.id, personId);
    if (begun) return done({ postId: begun.id });
    const id = newId();
    await insertPost(database, {
      id,
      classId: assignment.classId,
      assignmentId: assignment.id,
      writerId: personId,
      stage: 'draft',
      title: '',
      labels: [],
      beside: NOTHING_BESIDE,
      body: JSON.stringify(outlineDocument(assignment.outline).toJSON()),
      audience: null,
      address: null,
      askedAddress: null,
      version: 1,
      begunAt: now,
      savedAt: now,
    });
    return done({ postId: id });
  },
};

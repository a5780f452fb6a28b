import type { Deed } from '../../../contract/deed';
import { serve, type UseCase, type WorkOn } from '../../ground/access/useCase';
import { listClassesOfAssignment } from '../../tables/assignments';
import { findAssignmentToActOn, type AssignmentFacts } from './assignmentFacts';

interface OnAssignment {
  readonly assignmentId: string;
}

/** Serves a deed that acts on an assignment. */
export function assignmentUseCase<Input extends OnAssignment, Output, Prepared = unknown>(
  deed: Deed<Input, Output, 'assignment'>,
  work: WorkOn<Input, AssignmentFacts, Output, Prepared>,
): UseCase<Input, AssignmentFacts, Output, Prepared> {
  return serve(
    deed,
    {
      find: ({ assignmentId }, { database, now }) => findAssignmentToActOn(database, assignmentId, now),
      turnOf: ({ assignmentId }, database) => listClassesOfAssignment(database, assignmentId),
    },
    work,
  );
}

import type { Deed } from '../../../contract/deed';
import { serve, type UseCase, type WorkOn } from '../../ground/access/useCase';
import { findClass, type ClassRow } from '../../tables/classes';

interface OnClass {
  readonly classId: string;
}

/** Serves a deed that acts on a class as a whole, or on its people. */
export function classUseCase<Input extends OnClass, Output, Prepared = unknown>(
  deed: Deed<Input, Output, 'class'>,
  work: WorkOn<Input, ClassRow, Output, Prepared>,
): UseCase<Input, ClassRow, Output, Prepared> {
  return serve(
    deed,
    {
      async find({ classId }, { database }) {
        const row = await findClass(database, classId);
        return row && { subject: { ceiling: row.ceiling }, classId, subjectId: classId, rows: row };
      },
      turnOf: ({ classId }) => Promise.resolve([classId]),
    },
    work,
  );
}

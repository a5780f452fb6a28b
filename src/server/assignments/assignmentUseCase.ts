import type { Context, Result, UseCase } from '../access/useCase';
import type { Database } from '../database/database';
import { findAssignment } from './queries';
import { findAssignmentToActOn, type AssignmentFacts } from './assignmentFacts';

interface OnAssignment {
  readonly assignmentId: string;
}

interface Spec<Input extends OnAssignment, Output> {
  readonly name: string;
  /** JSON Schemas of the further fields of the input; all of them are required. */
  readonly fields?: Readonly<Record<string, object>>;
  readonly looksOnly?: boolean;
  /** True for what takes the class's turn. */
  readonly turn?: boolean;
  readonly run: (
    input: Input,
    rows: AssignmentFacts,
    context: Context & { readonly personId: string },
  ) => Promise<Result<Output>>;
}

/** A use case with which a teacher changes an assignment, or looks what a change would do. */
export function assignmentUseCase<Input extends OnAssignment, Output>({
  fields = {},
  turn = false,
  run,
  ...spec
}: Spec<Input, Output>): UseCase<Input, AssignmentFacts, Output> {
  return {
    ...spec,
    ...(turn ? { turn: turnOfAssignment } : {}),
    action: 'assignment.change',
    input: {
      type: 'object',
      required: ['assignmentId', ...Object.keys(fields)],
      additionalProperties: false,
      properties: { assignmentId: { type: 'string', maxLength: 16 }, ...fields },
    },
    find: ({ assignmentId }, { database }) => findAssignmentToActOn(database, assignmentId),
    run: (input, { rows }, context) => run(input, rows, context),
  };
}

/** The class of an assignment, whose turn is taken before the assignment is read. */
async function turnOfAssignment(
  { assignmentId }: OnAssignment,
  database: Database,
): Promise<readonly string[]> {
  const assignment = await findAssignment(database, assignmentId);
  return assignment ? [assignment.classId] : [];
}

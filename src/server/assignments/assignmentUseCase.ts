import { idSchema } from '../input/idSchema';
import type { Context, Found, Result, UseCase } from '../access/useCase';
import type { Database } from '../database/database';
import { findClassOfAssignment } from './queries';
import { findAssignmentToActOn, type AssignmentFacts } from './assignmentFacts';

interface OnAssignment {
  readonly assignmentId: string;
}

interface Spec<Input extends OnAssignment, Output, Prepared> {
  readonly name: string;
  /** JSON Schemas of the further fields of the input; all of them are required. */
  readonly fields?: Readonly<Record<string, object>>;
  readonly looksOnly?: boolean;
  readonly outside?: boolean;
  /** Work that takes long, before the transaction. See `UseCase`. */
  readonly prepare?: (
    input: Input,
    rows: AssignmentFacts,
    context: Context & { readonly personId: string },
  ) => Promise<Result<Prepared>>;
  /** True for what takes the class's turn. */
  readonly turn?: boolean;
  readonly run: (
    input: Input,
    rows: AssignmentFacts,
    context: Context & { readonly personId: string },
    prepared: Prepared,
  ) => Promise<Result<Output>>;
}

/** A use case with which a teacher changes an assignment, or looks what a change would do. */
export function assignmentUseCase<Input extends OnAssignment, Output, Prepared = unknown>({
  fields = {},
  turn = false,
  prepare,
  run,
  ...spec
}: Spec<Input, Output, Prepared>): UseCase<Input, AssignmentFacts, Output, Prepared> {
  return {
    ...spec,
    ...(turn ? { turn: turnOfAssignment } : {}),
    action: 'assignment.change',
    input: {
      type: 'object',
      required: ['assignmentId', ...Object.keys(fields)],
      additionalProperties: false,
      properties: { assignmentId: idSchema, ...fields },
    },
    find: ({ assignmentId }, { database, now }) => findAssignmentToActOn(database, assignmentId, now),
    ...(prepare
      ? {
          prepare: (input: Input, { rows }: Found<AssignmentFacts>, context) => prepare(input, rows, context),
        }
      : {}),
    run: (input, { rows }, context, prepared) => run(input, rows, context, prepared),
  };
}

/** The class of an assignment, whose turn is taken before the assignment is read. */
async function turnOfAssignment(
  { assignmentId }: OnAssignment,
  database: Database,
): Promise<readonly string[]> {
  const classId = await findClassOfAssignment(database, assignmentId);
  return classId === null ? [] : [classId];
}

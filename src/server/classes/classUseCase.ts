import type { Action } from '../../core/access/table';
import type { Context, Result, UseCase } from '../access/useCase';
import type { Database } from '../database/database';
import { findClass, type ClassRow } from './queries';

interface OnClass {
  readonly classId: string;
}

interface Spec<Input extends OnClass, Output> {
  readonly name: string;
  readonly action: Action;
  /** JSON Schemas of the further fields of the input; all of them are required unless `optional` names them. */
  readonly fields?: Readonly<Record<string, object>>;
  readonly optional?: readonly string[];
  readonly looksOnly?: boolean;
  readonly whileResting?: boolean;
  readonly whileDeleted?: boolean;
  /** True for what takes the class's turn; or the classes whose turn is taken. See `takeTurns`. */
  readonly turn?: true | ((input: Input, database: Database) => Promise<readonly string[]>);
  readonly run: (
    input: Input,
    inClass: ClassRow,
    context: Context & { readonly personId: string },
  ) => Promise<Result<Output>>;
}

/** A use case that acts on a class as a whole, or on its people. */
export function classUseCase<Input extends OnClass, Output>({
  fields = {},
  optional = [],
  turn,
  run,
  ...spec
}: Spec<Input, Output>): UseCase<Input, ClassRow, Output> {
  const ownTurn = ({ classId }: Input) => Promise.resolve([classId]);
  return {
    ...spec,
    ...(turn ? { turn: turn === true ? ownTurn : turn } : {}),
    input: {
      type: 'object',
      required: ['classId', ...Object.keys(fields).filter((field) => !optional.includes(field))],
      additionalProperties: false,
      properties: { classId: { type: 'string', maxLength: 16 }, ...fields },
    },
    async find({ classId }, { database }) {
      const row = await findClass(database, classId);
      return row && { subject: { ceiling: row.ceiling }, classId, subjectId: classId, rows: row };
    },
    run: (input, { rows }, context) => run(input, rows, context),
  };
}

/** JSON Schema of the ids of some people of a class. */
export const personIds = {
  type: 'array',
  minItems: 1,
  maxItems: 5000,
  uniqueItems: true,
  items: { type: 'string', minLength: 1, maxLength: 16 },
} as const;

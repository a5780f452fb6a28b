import { idSchema } from '../input/idSchema';
import type { Action } from '../../core/access/table';
import type { Context, Found, Result, UseCase } from '../access/useCase';
import type { Database } from '../database/database';
import { findClass, type ClassRow } from './queries';

interface OnClass {
  readonly classId: string;
}

interface Spec<Input extends OnClass, Output, Prepared> {
  readonly name: string;
  readonly action: Action;
  /** JSON Schemas of the further fields of the input; all of them are required unless `optional` names them. */
  readonly fields?: Readonly<Record<string, object>>;
  readonly optional?: readonly string[];
  readonly looksOnly?: boolean;
  readonly outside?: boolean;
  readonly whileResting?: boolean;
  readonly whileDeleted?: boolean;
  /** True for what takes the class's turn; or the classes whose turn is taken. See `takeTurns`. */
  readonly turn?: true | ((input: Input, database: Database) => Promise<readonly string[]>);
  /** Work that takes long, before the transaction. See `UseCase`. */
  readonly prepare?: (
    input: Input,
    inClass: ClassRow,
    context: Context & { readonly personId: string },
  ) => Promise<Result<Prepared>>;
  readonly run: (
    input: Input,
    inClass: ClassRow,
    context: Context & { readonly personId: string },
    prepared: Prepared,
  ) => Promise<Result<Output>>;
}

/** A use case that acts on a class as a whole, or on its people. */
export function classUseCase<Input extends OnClass, Output, Prepared = unknown>({
  fields = {},
  optional = [],
  turn,
  prepare,
  run,
  ...spec
}: Spec<Input, Output, Prepared>): UseCase<Input, ClassRow, Output, Prepared> {
  const ownTurn = ({ classId }: Input) => Promise.resolve([classId]);
  return {
    ...spec,
    ...(turn ? { turn: turn === true ? ownTurn : turn } : {}),
    input: {
      type: 'object',
      required: ['classId', ...Object.keys(fields).filter((field) => !optional.includes(field))],
      additionalProperties: false,
      properties: { classId: idSchema, ...fields },
    },
    async find({ classId }, { database }) {
      const row = await findClass(database, classId);
      return row && { subject: { ceiling: row.ceiling }, classId, subjectId: classId, rows: row };
    },
    ...(prepare
      ? { prepare: (input: Input, { rows }: Found<ClassRow>, context) => prepare(input, rows, context) }
      : {}),
    run: (input, { rows }, context, prepared) => run(input, rows, context, prepared),
  };
}

/** JSON Schema of the ids of some people of a class. */
export const personIds = {
  type: 'array',
  minItems: 1,
  maxItems: 5000,
  uniqueItems: true,
  items: idSchema,
} as const;

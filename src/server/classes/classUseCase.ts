import type { Action } from '../../core/access/table';
import type { Context, Result, UseCase } from '../access/useCase';
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
  run,
  ...spec
}: Spec<Input, Output>): UseCase<Input, ClassRow, Output> {
  return {
    ...spec,
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

import type { Database } from '../database/database';
import type { Context, Result, UseCase } from '../access/useCase';

interface Spec<Input, Output> {
  readonly name: string;
  /** JSON Schemas of the fields of the input, all of them required. */
  readonly fields: Readonly<Record<string, object>>;
  readonly looksOnly?: boolean;
  /** The classes whose turn is taken. See `takeTurns`. */
  readonly turn?: (input: Input, database: Database) => Promise<readonly string[]>;
  readonly run: (input: Input, context: Context & { readonly personId: string }) => Promise<Result<Output>>;
}

/** A use case that acts on the install as a whole: an administrator's. */
export function installUseCase<Input, Output>({
  fields,
  run,
  ...spec
}: Spec<Input, Output>): UseCase<Input, null, Output> {
  return {
    ...spec,
    action: 'install.manage',
    input: {
      type: 'object',
      required: Object.keys(fields),
      additionalProperties: false,
      properties: fields,
    },
    find: () => Promise.resolve({ subject: {}, classId: null, subjectId: null, rows: null }),
    run: (input, _, context) => run(input, context),
  };
}

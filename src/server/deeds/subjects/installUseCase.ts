import type { Deed } from '../../../contract/deed';
import { NOTHING, serve, type Context, type Result, type UseCase } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';

interface InstallWork<Input, Output> {
  /** The classes whose turn is taken. See `takeTurns`. */
  readonly turn?: (input: Input, database: Database) => Promise<readonly string[]>;
  readonly run: (input: Input, context: Context & { readonly personId: string }) => Promise<Result<Output>>;
}

/** Serves a deed that acts on the install as a whole: an administrator's. */
export function installUseCase<Input, Output>(
  deed: Deed<Input, Output, 'install'>,
  { run, ...work }: InstallWork<Input, Output>,
): UseCase<Input, null, Output> {
  return serve(deed, NOTHING, { ...work, run: (input, _, context) => run(input, context) });
}

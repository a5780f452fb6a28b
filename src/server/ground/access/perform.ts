import { may } from '../../../core/access/may';
import { database, inTransaction, type Database } from '../database/database';
import { isDuplicateKey } from '../database/errors';
import { takeTurns } from '../database/turns';
import { writeAuditLine } from './auditLog';
import { inputCheckOf } from './checkInput';
import { findStanding } from './roles';
import {
  done,
  NOT_THERE,
  refused,
  type Context,
  type Found,
  type Progress,
  type Refusal,
  type Result,
  type UseCase,
} from './useCase';

export interface Asker {
  readonly personId: string | null;
  readonly now: Date;
  readonly progress?: Progress;
}

const checks = new WeakMap<object, (input: unknown) => Result<unknown>>();

/** Checks the input, asks the access table and runs a use case. Nothing is changed unless it succeeds. */
export async function perform<Input, Rows, Output>(
  useCase: UseCase<Input, Rows, Output>,
  input: unknown,
  { personId, now, progress = () => undefined }: Asker,
): Promise<Result<Output>> {
  const checked = checkFor(useCase.input)(input);
  if (!checked.ok) return checked;
  const value = checked.value as Input;
  const asked = { useCase, value, personId, now, progress };
  if (useCase.outside) return attempt(asked, database, null);
  const prepared = useCase.prepare ? await prepare(asked) : done(null);
  if (!prepared.ok) return prepared;
  const performed = inTransaction(async (transaction): Promise<Result<Output>> => {
    if (useCase.turn) await takeTurns(transaction, await useCase.turn(value, transaction));
    const result = await attempt(asked, transaction, prepared.value);
    // What was refused half way is not half done.
    if (!result.ok) throw new RefusedHalfway(result);
    return result;
  });
  return performed.catch((error: unknown) => {
    if (error instanceof RefusedHalfway) return error.refusal;
    // Somebody else did the like in the same moment, time and again.
    if (isDuplicateKey(error)) return refused('sameMoment');
    throw error;
  });
}

interface Asked<Input, Rows, Output> {
  readonly useCase: UseCase<Input, Rows, Output>;
  readonly value: Input;
  readonly personId: string | null;
  readonly now: Date;
  readonly progress: Progress;
}

/** Finds what a use case acts on, and asks whether this person may; a refusal where they may not. */
async function allowed<Input, Rows, Output>(
  { useCase, value, personId, now, progress }: Asked<Input, Rows, Output>,
  on: Database,
): Promise<
  Result<{ readonly found: Found<Rows>; readonly context: Context & { readonly personId: string } }>
> {
  const context = { personId, now, database: on, progress };
  const found = await useCase.find(value, context);
  if (!found || personId === null) return NOT_THERE;
  const { actor, resting, deleted } = await findStanding(on, found.classId, personId);
  if (deleted && !useCase.whileDeleted) return NOT_THERE;
  if (!may(actor, useCase.action, found.subject)) return NOT_THERE;
  if (resting && !useCase.looksOnly && !useCase.whileResting) return refused('class.resting');
  return done({ found, context: { ...context, personId } });
}

async function prepare<Input, Rows, Output>(asked: Asked<Input, Rows, Output>): Promise<Result<unknown>> {
  const may = await allowed(asked, database);
  if (!may.ok) return may;
  const { found, context } = may.value;
  return asked.useCase.prepare?.(asked.value, found, context) ?? done(null);
}

async function attempt<Input, Rows, Output>(
  asked: Asked<Input, Rows, Output>,
  on: Database,
  prepared: unknown,
): Promise<Result<Output>> {
  const may = await allowed(asked, on);
  if (!may.ok) return may;
  const { found, context } = may.value;
  const { useCase, value, now } = asked;
  const result = await useCase.run(value, found, context, prepared);
  if (result.ok && !useCase.looksOnly && !useCase.unlogged)
    await writeAuditLine(on, {
      useCase: useCase.name,
      found,
      personId: context.personId,
      now,
      changed: result.changed,
    });
  return result;
}

/** Rolls a transaction back whose use case was refused. */
class RefusedHalfway extends Error {
  override readonly name = 'RefusedHalfway';
  constructor(readonly refusal: Refusal) {
    super(refusal.code);
  }
}

function checkFor(schema: object): (input: unknown) => Result<unknown> {
  const known = checks.get(schema) ?? inputCheckOf<unknown>(schema);
  checks.set(schema, known);
  return known;
}

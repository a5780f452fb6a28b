import { may } from '../../core/access/may';
import { inTransaction } from '../database/database';
import { isDuplicateKey } from '../database/errors';
import { takeTurns } from '../database/turns';
import { checkOf, type Check } from '../input/validate';
import { writeAuditLine } from './auditLog';
import { findStanding } from './roles';
import { NOT_THERE, refused, type Progress, type Refusal, type Result, type UseCase } from './useCase';

export interface Asker {
  readonly personId: string | null;
  readonly now: Date;
  readonly progress?: Progress;
}

const checks = new WeakMap<object, Check<unknown>>();

/** Checks the input, asks the access table and runs a use case. Nothing is changed unless it succeeds. */
export async function perform<Input, Rows, Output>(
  useCase: UseCase<Input, Rows, Output>,
  input: unknown,
  { personId, now, progress = () => undefined }: Asker,
): Promise<Result<Output>> {
  const checked = checkFor(useCase.input)(input);
  if (!checked.ok)
    return {
      ok: false,
      code: `input.${checked.problem.key}`,
      field: checked.field,
      values: { wanted: checked.problem.wanted },
    };
  const value = checked.value as Input;
  const performed = inTransaction(async (database): Promise<Result<Output>> => {
    if (useCase.turn) await takeTurns(database, await useCase.turn(value, database));
    const context = { personId, now, database, progress };
    const found = await useCase.find(value, context);
    if (!found || personId === null) return NOT_THERE;
    const { actor, resting, deleted } = await findStanding(database, found.classId, personId);
    if (deleted && !useCase.whileDeleted) return NOT_THERE;
    if (!may(actor, useCase.action, found.subject)) return NOT_THERE;
    if (resting && !useCase.looksOnly && !useCase.whileResting) return refused('class.resting');
    const result = await useCase.run(value, found, { ...context, personId });
    // What was refused half way is not half done.
    if (!result.ok) throw new RefusedHalfway(result);
    if (!useCase.looksOnly) await writeAuditLine(database, { useCase: useCase.name, found, personId, now });
    return result;
  });
  return performed.catch((error: unknown) => {
    if (error instanceof RefusedHalfway) return error.refusal;
    // Somebody else did the like in the same moment, time and again.
    if (isDuplicateKey(error)) return refused('sameMoment');
    throw error;
  });
}

/** Rolls a transaction back whose use case was refused. */
class RefusedHalfway extends Error {
  override readonly name = 'RefusedHalfway';
  constructor(readonly refusal: Refusal) {
    super(refusal.code);
  }
}

function checkFor(schema: object): Check<unknown> {
  const known = checks.get(schema) ?? checkOf<unknown>(schema);
  checks.set(schema, known);
  return known;
}

import type { Deed } from '../../../contract/deed';
import type { RefusalCode } from '../../../messages/refusalCode';
import type { Subject } from '../../../core/access/may';
import type { Database } from '../database/database';

/** How many of how many are done. */
export type Progress = (done: number, of: number) => void;

/** Who asks, when, and on which transaction the answer is made. */
export interface Context {
  readonly personId: string | null;
  /** The present time, handed in so that tests can set it. */
  readonly now: Date;
  readonly database: Database;
  /** Tells whoever waits how far a long work is. */
  readonly progress: Progress;
}

/** What a use case acts on: the facts that access needs, the class it belongs to, and the rows that were read. */
export interface Found<Rows> {
  readonly subject: Subject;
  /** Null for what belongs to no class, as a class that is to be made. */
  readonly classId: string | null;
  readonly subjectId: string | null;
  readonly rows: Rows;
}

/** An expected refusal: a key under `refusals` in the message catalogue, and the field that it is about. */
export interface Refusal {
  readonly ok: false;
  readonly code: RefusalCode;
  readonly field?: string;
  readonly values?: Readonly<Record<string, string | number>>;
}

/** What a deed made of what, for the log: codes and figures of at most 60 characters, never words. */
export interface Changed {
  readonly before: string | number | null;
  readonly after: string | number | null;
}

export type Result<Output> =
  { readonly ok: true; readonly value: Output; readonly changed?: Changed } | Refusal;

/**
 * How a deed is done. `find` reads what it acts on, the access table decides, `run` does it; all in one transaction with one line in
 * the audit log.
 */
export interface UseCase<Input, Rows, Output, Prepared = unknown>
  extends Deed<Input, Output>, Work<Input, Found<Rows>, Output, Prepared> {
  /** Null where there is no such thing; for the person that is the same as not being allowed. */
  find(input: Input, context: Context): Promise<Found<Rows> | null>;
}

/** What is done with what was found. */
interface Work<Input, Given, Output, Prepared = unknown> {
  /**
   * The classes whose turn is taken before anything is read, for what widens, narrows, or must be there once at most. See
   * `takeTurns`.
   */
  turn?(input: Input, database: Database): Promise<readonly string[]>;
  /**
   * Work that takes long and is done before the transaction, for whom it is allowed: hashing, measuring. What it was made of may
   * have changed until `run`, which looks at that. A refusal ends it here.
   */
  prepare?(
    input: Input,
    given: Given,
    context: Context & { readonly personId: string },
  ): Promise<Result<Prepared>>;
  run(
    input: Input,
    given: Given,
    context: Context & { readonly personId: string },
    prepared: Prepared,
  ): Promise<Result<Output>>;
}

/** `Work` as it is written for a kind of thing: `turn: true` takes the turn of the class that the thing belongs to. */
export interface WorkOn<Input, Rows, Output, Prepared> extends Omit<
  Work<Input, Rows, Output, Prepared>,
  'turn'
> {
  readonly turn?: true | ((input: Input, database: Database) => Promise<readonly string[]>);
}

interface Finding<Input, Rows> {
  /** Reads what the deed acts on. */
  readonly find: UseCase<Input, Rows, unknown>['find'];
  /** The class that it belongs to, by which its turn is taken. */
  readonly turnOf: (input: Input, database: Database) => Promise<readonly string[]>;
}

/** For what is not there yet. */
export const NOTHING: Finding<unknown, null> = {
  find: () => Promise.resolve({ subject: {}, classId: null, subjectId: null, rows: null }),
  turnOf: () => Promise.resolve([]),
};

/** Serves a deed by finding what it acts on, and doing the work. */
export function serve<Input, Rows, Output, Prepared>(
  deed: Deed<Input, Output>,
  { find, turnOf }: Finding<NoInfer<Input>, Rows>,
  { turn, prepare, run }: WorkOn<Input, Rows, Output, Prepared>,
): UseCase<Input, Rows, Output, Prepared> {
  return {
    ...deed,
    ...(turn ? { turn: turn === true ? turnOf : turn } : {}),
    find,
    ...(prepare
      ? { prepare: (input: Input, found: Found<Rows>, context) => prepare(input, found.rows, context) }
      : {}),
    run: (input, { rows }, context, prepared) => run(input, rows, context, prepared),
  };
}

export function done<Output>(value: Output, changed?: Changed): Result<Output> {
  return { ok: true, value, ...(changed ? { changed } : {}) };
}

export function refused(
  code: RefusalCode,
  field?: string,
  values?: Readonly<Record<string, string | number>>,
): Refusal {
  return { ok: false, code, ...(field ? { field } : {}), ...(values ? { values } : {}) };
}

/** "Not yours" and "not there" answer alike. */
export const NOT_THERE: Refusal = { ok: false, code: 'notThere' };

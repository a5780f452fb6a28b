import type { Action } from '../../core/access/table';
import type { Subject } from '../../core/access/may';
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
  readonly code: string;
  readonly field?: string;
  readonly values?: Readonly<Record<string, string | number>>;
}

export type Result<Output> = { readonly ok: true; readonly value: Output } | Refusal;

/**
 * One thing that a person can do. `find` reads what it acts on, the access table decides, `run` does it; all in one
 * transaction with one line in the audit log.
 */
export interface UseCase<Input, Rows, Output, Prepared = unknown> {
  readonly name: string;
  readonly action: Action;
  /** JSON Schema of the input. */
  readonly input: object;
  /** True for what only looks: it leaves no line in the audit log. */
  readonly looksOnly?: boolean;
  /** True for what can be done in a class that was put to rest. */
  readonly whileResting?: boolean;
  /** True for what can be done to a class that is to be deleted. */
  readonly whileDeleted?: boolean;
  /** True for what only looks and takes long: it is done outside a transaction, so that it holds nothing up. */
  readonly outside?: boolean;
  /**
   * Work that takes long and is done before the transaction, for whom it is allowed: hashing, measuring. What it was made of may
   * have changed until `run`, which looks at that. A refusal ends it here.
   */
  prepare?(
    input: Input,
    found: Found<Rows>,
    context: Context & { readonly personId: string },
  ): Promise<Result<Prepared>>;
  /**
   * The classes whose turn is taken before anything is read, for what widens, narrows, or must be there once at most. See
   * `takeTurns`.
   */
  turn?(input: Input, database: Database): Promise<readonly string[]>;
  /** Null where there is no such thing; for the person that is the same as not being allowed. */
  find(input: Input, context: Context): Promise<Found<Rows> | null>;
  run(
    input: Input,
    found: Found<Rows>,
    context: Context & { readonly personId: string },
    prepared: Prepared,
  ): Promise<Result<Output>>;
}

export function done<Output>(value: Output): Result<Output> {
  return { ok: true, value };
}

export function refused(
  code: string,
  field?: string,
  values?: Readonly<Record<string, string | number>>,
): Refusal {
  return { ok: false, code, ...(field ? { field } : {}), ...(values ? { values } : {}) };
}

/** "Not yours" and "not there" answer alike. */
export const NOT_THERE: Refusal = { ok: false, code: 'notThere' };

import { AsyncLocalStorage } from 'node:async_hooks';
import type { ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import createCompiler from 'named-placeholders';
import { isDuplicateKey, isLost, isNoIdentifier, isTransient } from './errors';
import { pool } from './pool';
import { prepareWithin, TransactionGone } from './wholeTransaction';

type Value = string | number | boolean | Date | Buffer | null;
export type Parameters = Readonly<Record<string, Value>>;

/** Runs statements. What is given as parameters is always bound, never put into the statement's text. */
export interface Database {
  /** The rows of a query, one object each. */
  rows<Row>(sql: string, parameters?: Parameters): Promise<readonly Row[]>;
  /** How many rows a statement changed. */
  change(sql: string, parameters?: Parameters): Promise<number>;
  /** Inserts many rows with few statements. `into` is a table with its columns, such as `people (id, name)`. */
  insert(into: string, rows: readonly (readonly Value[])[]): Promise<void>;
}

/** Runs one statement with its values in the places of its question marks. */
type Execute = <Answer extends ResultSetHeader | RowDataPacket[]>(
  sql: string,
  values: Value[],
) => Promise<[Answer, unknown]>;

const compile = createCompiler();

/** For how long, in milliseconds, what another try may mend is tried again. */
const PATIENCE = 10_000;
const LONGEST_PAUSE = 500;
/** A key that is taken is met again, as a rule, by whoever looks once more; who draws lots may lose twice. */
const MOST_DUPLICATES = 3;
/** Rows of one inserting statement: enough that round trips no longer count, few enough placeholders. */
const ROWS_AT_ONCE = 500;
const insideTransaction = new AsyncLocalStorage<true>();

/** Statements outside a transaction, each on whatever connection is free. Not to be used inside one. */
export const database: Database = {
  rows: (sql, parameters) => single((execute) => runRows(execute, sql, parameters), /^\s*SELECT/i.test(sql)),
  change: (sql, parameters) => single((execute) => runChange(execute, sql, parameters), false),
  insert: (into, rows) => inTransaction((transaction) => transaction.insert(into, rows)),
};

/**
 * Runs `work` in one transaction and commits what it did, or rolls back where it throws. What another try may mend is
 * tried again for up to ten seconds, so `work` must do nothing but use its database: deadlocks and refused
 * certifications, at a statement or at the end; nodes that are not ready; connections lost before COMMIT was sent, never
 * after, since it may have been done then. A key that is taken is looked at again twice.
 */
export async function inTransaction<Result>(
  work: (transaction: Database) => Promise<Result>,
): Promise<Result> {
  assertOutside();
  const progress = { committing: false };
  let duplicates = 0;
  return tryAgain(
    () => once(work, progress),
    (error) => {
      if (isDuplicateKey(error)) return (duplicates += 1) < MOST_DUPLICATES;
      if (error instanceof TransactionGone) return true;
      return isTransient(error) || (isLost(error) && !progress.committing);
    },
  );
}

/** Runs a statement of its own; one that only reads may also be sent again when its connection was lost meanwhile. */
async function single<Result>(
  statement: (execute: Execute) => Promise<Result>,
  readsOnly: boolean,
): Promise<Result> {
  assertOutside();
  const progress = { sent: false };
  return tryAgain(
    async () => {
      progress.sent = false;
      const connection = await pool().getConnection();
      try {
        progress.sent = true;
        return await statement((sql, values) => connection.execute(sql, values));
      } finally {
        connection.release();
      }
    },
    (error) => isTransient(error) || (isLost(error) && (readsOnly || !progress.sent)),
  );
}

async function tryAgain<Result>(
  attempt: () => Promise<Result>,
  mayMend: (error: unknown) => boolean,
): Promise<Result> {
  const until = Date.now() + PATIENCE;
  for (let tries = 1; ; tries += 1) {
    try {
      return await attempt();
    } catch (error) {
      if (Date.now() >= until || !mayMend(error)) throw error;
      const pause = Math.min(LONGEST_PAUSE, 5 * 2 ** tries);
      await new Promise((resolve) => setTimeout(resolve, pause * (0.5 + Math.random())));
    }
  }
}

async function once<Result>(
  work: (transaction: Database) => Promise<Result>,
  progress: { committing: boolean },
): Promise<Result> {
  progress.committing = false;
  const connection = await pool().getConnection();
  try {
    await connection.beginTransaction();
    const execute: Execute = async (sql, values) => {
      await prepareWithin(connection, sql);
      return connection.execute(sql, values);
    };
    const transaction: Database = {
      rows: (sql, parameters) => runRows(execute, sql, parameters),
      change: (sql, parameters) => runChange(execute, sql, parameters),
      insert: (into, rows) => runInsert(execute, into, rows),
    };
    const result = await insideTransaction.run(true, () => work(transaction));
    progress.committing = true;
    await connection.commit();
    return result;
  } catch (error) {
    // A connection that was lost cannot roll back; the server does it by itself then.
    await connection.rollback().catch(() => undefined);
    throw error;
  } finally {
    connection.release();
  }
}

function assertOutside(): void {
  if (insideTransaction.getStore()) throw new Error('inside a transaction only the given handle may be used');
}

async function runRows<Row>(
  execute: Execute,
  sql: string,
  parameters: Parameters = {},
): Promise<readonly Row[]> {
  const [rows] = await nothingWithout(execute<RowDataPacket[]>(...compile(sql, parameters)), [[], null]);
  return rows as unknown as readonly Row[];
}

async function runChange(execute: Execute, sql: string, parameters: Parameters = {}): Promise<number> {
  const [header] = await nothingWithout(execute<ResultSetHeader>(...compile(sql, parameters)), [
    { affectedRows: 0 },
    null,
  ]);
  return header.affectedRows;
}

/** Identifiers are plain letters and digits; asked for by anything else, there is nothing. */
async function nothingWithout<Found, Nothing>(
  found: Promise<Found>,
  nothing: Nothing,
): Promise<Found | Nothing> {
  try {
    return await found;
  } catch (error) {
    if (isNoIdentifier(error)) return nothing;
    throw error;
  }
}

async function runInsert(execute: Execute, into: string, rows: readonly (readonly Value[])[]): Promise<void> {
  for (let start = 0; start < rows.length; start += ROWS_AT_ONCE) {
    const some = rows.slice(start, start + ROWS_AT_ONCE);
    const places = some.map((row) => `(${row.map(() => '?').join(', ')})`).join(', ');
    await execute<ResultSetHeader>(`INSERT INTO ${into} VALUES ${places}`, some.flat());
  }
}

import { AsyncLocalStorage } from 'node:async_hooks';
import type { PoolConnection, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { isTransient } from './errors';
import { pool } from './pool';

type Value = string | number | boolean | Date | Buffer | null;
type Parameters = Readonly<Record<string, Value>>;

/** Runs statements. What is given as parameters is always bound, never put into the statement's text. */
export interface Database {
  /** The rows of a query, one object each. */
  rows<Row>(sql: string, parameters?: Parameters): Promise<readonly Row[]>;
  /** How many rows a statement changed. */
  change(sql: string, parameters?: Parameters): Promise<number>;
  /** Inserts many rows with few statements. `into` is a table with its columns, such as `people (id, name)`. */
  insert(into: string, rows: readonly (readonly Value[])[]): Promise<void>;
}

type Executor = Pick<PoolConnection, 'execute'>;

const MOST_TRIES = 5;
/** Rows of one inserting statement: enough that round trips no longer count, few enough placeholders. */
const ROWS_AT_ONCE = 500;
const insideTransaction = new AsyncLocalStorage<true>();

/** Statements outside a transaction, each on whatever connection is free. Not to be used inside one. */
export const database: Database = {
  rows: (sql, parameters) => runRows(outside(), sql, parameters),
  change: (sql, parameters) => runChange(outside(), sql, parameters),
  insert: (into, rows) => runInsert(outside(), into, rows),
};

/**
 * Runs `work` in one transaction and commits what it did, or rolls back where it throws. Deadlocks and refused
 * certifications are tried again a few times, so `work` must do nothing but use its database.
 */
export async function inTransaction<Result>(
  work: (transaction: Database) => Promise<Result>,
): Promise<Result> {
  for (let tries = 1; ; tries += 1) {
    try {
      return await once(work);
    } catch (error) {
      if (!isTransient(error) || tries >= MOST_TRIES) throw error;
      await new Promise((resolve) => setTimeout(resolve, 5 * 2 ** tries * (0.5 + Math.random())));
    }
  }
}

async function once<Result>(work: (transaction: Database) => Promise<Result>): Promise<Result> {
  const connection = await outside().getConnection();
  try {
    await connection.beginTransaction();
    const transaction: Database = {
      rows: (sql, parameters) => runRows(connection, sql, parameters),
      change: (sql, parameters) => runChange(connection, sql, parameters),
      insert: (into, rows) => runInsert(connection, into, rows),
    };
    const result = await insideTransaction.run(true, () => work(transaction));
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

function outside() {
  if (insideTransaction.getStore()) throw new Error('inside a transaction only the given handle may be used');
  return pool();
}

async function runRows<Row>(
  executor: Executor,
  sql: string,
  parameters: Parameters = {},
): Promise<readonly Row[]> {
  const [rows] = await executor.execute<RowDataPacket[]>(sql, parameters);
  return rows as unknown as readonly Row[];
}

async function runChange(executor: Executor, sql: string, parameters: Parameters = {}): Promise<number> {
  const [header] = await executor.execute<ResultSetHeader>(sql, parameters);
  return header.affectedRows;
}

async function runInsert(
  executor: Executor,
  into: string,
  rows: readonly (readonly Value[])[],
): Promise<void> {
  for (let start = 0; start < rows.length; start += ROWS_AT_ONCE) {
    const some = rows.slice(start, start + ROWS_AT_ONCE);
    const places = some.map((row) => `(${row.map(() => '?').join(', ')})`).join(', ');
    await executor.execute(`INSERT INTO ${into} VALUES ${places}`, some.flat());
  }
}

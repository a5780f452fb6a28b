import type { Pool, PoolConnection } from 'mysql2/promise';
import { pool } from '../../src/server/ground/database/pool';

/** Where the application keeps the pool of its process. */
const shared = globalThis as { porchPool?: Pool };

/** What a test does to the database, undone afterwards. */
export interface Undoing {
  /** What was done before stays; what is done from here on is undone by `undo`. */
  begin(): Promise<void>;
  undo(): Promise<void>;
  /** There is nothing more to undo. */
  end(): void;
}

/**
 * Lets everything that the process asks of the database run within one transaction of one connection, one deed after the other, so
 * that a test that changes much can be undone in a moment. A deed's own transaction is a savepoint in it. It is no place for
 * tests of what happens at once: nothing does.
 */
export async function undoEverything(): Promise<Undoing> {
  const own = pool();
  const connection = await own.getConnection();
  let last: Promise<void> = Promise.resolve();
  const take = async (): Promise<PoolConnection> => {
    const before = last;
    let free: () => void = () => undefined;
    last = new Promise((resolve) => (free = resolve));
    await before;
    return inSavepoint(connection, free);
  };
  const instead = { getConnection: take, end: () => own.end() } as unknown as Pool;
  return {
    async begin() {
      await connection.query('START TRANSACTION');
      shared.porchPool = instead;
    },
    async undo() {
      shared.porchPool = own;
      await connection.query('ROLLBACK');
    },
    end: () => connection.release(),
  };
}

function inSavepoint(connection: PoolConnection, release: () => void): PoolConnection {
  const instead: Readonly<Record<string, () => unknown>> = {
    beginTransaction: () => connection.query('SAVEPOINT deed'),
    commit: () => connection.query('RELEASE SAVEPOINT deed'),
    rollback: () => connection.query('ROLLBACK TO SAVEPOINT deed'),
    release,
  };
  return new Proxy(connection, {
    get(target, key) {
      if (typeof key === 'string' && key in instead) return instead[key];
      const value: unknown = Reflect.get(target, key);
      return typeof value === 'function' ? (value.bind(target) as unknown) : value;
    },
  });
}

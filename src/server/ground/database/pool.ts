import { createPool, type Pool } from 'mysql2/promise';
import { getSettings } from '../settings/settings';

// Next.js may load this module once for pages and once for route handlers; they share the one pool of the process.
const shared = globalThis as { porchPool?: Pool };

/** The pool of connections. Only this folder uses it. */
export function pool(): Pool {
  shared.porchPool ??= openPool(getSettings().databaseUrl);
  return shared.porchPool;
}

/**
 * What every connection says first. Each statement of a transaction sees what was committed before it: who has waited for
 * a turn sees what the one before did. On a cluster each statement waits until its node has what others have committed.
 */
const FIRST_WORDS = [
  'SET SESSION TRANSACTION ISOLATION LEVEL READ COMMITTED',
  'SET SESSION wsrep_sync_wait = 7',
];

/** Connections that speak UTC and are strict about what they store. */
function openPool(url: string): Pool {
  const opened = createPool({
    uri: url,
    connectionLimit: 10,
    timezone: 'Z',
    supportBigNumbers: true,
    // JSON columns arrive as text; whoever reads them knows their form.
    jsonStrings: true,
    connectTimeout: 5000,
  });
  // Statements of one connection run in the order in which they are asked for, so these come before any of ours.
  opened.pool.on('connection', (connection) => {
    for (const words of FIRST_WORDS)
      connection.query(words, (error: Error | null) => {
        if (error) connection.destroy();
      });
  });
  return opened;
}

/** Ends the process's pool, for tests and commands that want to stop. */
export async function closePool(): Promise<void> {
  const open = shared.porchPool;
  delete shared.porchPool;
  await open?.end();
}

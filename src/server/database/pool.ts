import { createPool, type Pool } from 'mysql2/promise';
import { getSettings } from '../settings/settings';

// Next.js may load this module once for pages and once for route handlers; they share the one pool of the process.
const shared = globalThis as { porchPool?: Pool };

/** The pool of connections. Only this folder uses it. */
export function pool(): Pool {
  shared.porchPool ??= openPool(getSettings().databaseUrl);
  return shared.porchPool;
}

/** Connections that speak UTC, take named placeholders and are strict about what they store. */
function openPool(url: string): Pool {
  return createPool({
    uri: url,
    connectionLimit: 10,
    timezone: 'Z',
    namedPlaceholders: true,
    supportBigNumbers: true,
    // JSON columns arrive as text; whoever reads them knows their form.
    jsonStrings: true,
    connectTimeout: 5000,
  });
}

/** Ends the process's pool, for tests and commands that want to stop. */
export async function closePool(): Promise<void> {
  const open = shared.porchPool;
  delete shared.porchPool;
  await open?.end();
}

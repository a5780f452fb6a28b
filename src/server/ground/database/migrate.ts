import { randomBytes } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { createConnection, type Connection } from 'mysql2/promise';
import { statementsOf } from './statements';

/** How long one process may be at it before others take it for dead; each step begins the time anew. */
const TERM_MINUTES = 10;
const LOOK_AGAIN = 200;

/** What a statement answers that was done before and only not noted: changes of tables are done whole or not at all. */
const DONE_BEFORE = new Set([1050, 1060, 1061, 1091, 1826]);

/** A database that a later version of the application has laid out: this one must not write into it. */
export class NewerDatabase extends Error {
  override readonly name = 'NewerDatabase';
}

/**
 * Applies the numbered migrations that a database has not had yet, in order, and says which. One process does it at a time.
 * Each statement is noted before and after, so that a start which was broken off anywhere is taken up where it stopped.
 * @param folder where the `NNNN-name.sql` files lie
 * @throws NewerDatabase where there are migrations that the folder does not have
 * @throws Error that names the migration which failed; those before it stay applied
 */
export async function migrate(url: string, folder: string): Promise<readonly string[]> {
  const connection = await createConnection({ uri: url, timezone: 'Z' });
  const holder = randomBytes(8).toString('hex');
  try {
    for (const statement of OWN_TABLES) await connection.query(statement);
    await takeTurn(connection, holder);
    try {
      const files = readdirSync(folder).filter((name) => name.endsWith('.sql'));
      const applied = await appliedTo(connection);
      const unknown = [...applied].filter((name) => !files.includes(name));
      if (unknown.length > 0)
        throw new NewerDatabase(`the database has migrations that are not known here: ${unknown.join(', ')}`);
      const waiting = files.filter((name) => !applied.has(name)).sort();
      for (const name of waiting)
        await apply(connection, { name, holder, sql: readFileSync(path.join(folder, name), 'utf8') });
      return waiting;
    } finally {
      await connection.execute('UPDATE migration_turn SET until = UTC_TIMESTAMP(3) WHERE holder = ?', [
        holder,
      ]);
    }
  } finally {
    await connection.end();
  }
}

const OWN_TABLES: readonly string[] = [
  `CREATE TABLE IF NOT EXISTS migrations (name VARCHAR(100) NOT NULL PRIMARY KEY, applied_at DATETIME(3) NOT NULL)
   COMMENT 'A migration that this database has had'`,
  `CREATE TABLE IF NOT EXISTS migration_steps (
     name VARCHAR(100) NOT NULL, step INT NOT NULL, done_at DATETIME(3) NULL COMMENT 'Null while it is only begun',
     PRIMARY KEY (name, step))
   COMMENT 'A statement of a migration that was begun or is done'`,
  `CREATE TABLE IF NOT EXISTS migration_turn (
     id TINYINT NOT NULL PRIMARY KEY, holder CHAR(16) NOT NULL, until DATETIME(3) NOT NULL)
   COMMENT 'The one row says which process lays the database out, and until when it counts as alive'`,
  "INSERT INTO migration_turn (id, holder, until) VALUES (1, '', '2000-01-01') ON DUPLICATE KEY UPDATE id = 1",
];

/** Waits until nobody else is at it. */
async function takeTurn(connection: Connection, holder: string): Promise<void> {
  for (;;) {
    const [taken] = await connection.execute(
      `UPDATE migration_turn SET holder = ?, until = UTC_TIMESTAMP(3) + INTERVAL ${TERM_MINUTES} MINUTE
       WHERE until <= UTC_TIMESTAMP(3) OR holder = ?`,
      [holder, holder],
    );
    if ((taken as { affectedRows: number }).affectedRows === 1) return;
    await new Promise((resolve) => setTimeout(resolve, LOOK_AGAIN));
  }
}

async function appliedTo(connection: Connection): Promise<ReadonlySet<string>> {
  const [rows] = await connection.query('SELECT name FROM migrations');
  return new Set((rows as { name: string }[]).map((row) => row.name));
}

interface Migration {
  readonly name: string;
  readonly holder: string;
  readonly sql: string;
}

async function apply(connection: Connection, { name, holder, sql }: Migration): Promise<void> {
  const [rows] = await connection.execute(
    'SELECT step, done_at IS NOT NULL AS done FROM migration_steps WHERE name = ?',
    [name],
  );
  const begun = new Map((rows as { step: number; done: number }[]).map((row) => [row.step, row.done === 1]));
  try {
    for (const [step, statement] of statementsOf(sql).entries()) {
      if (begun.get(step) === true) continue;
      await takeTurn(connection, holder);
      await doStep(connection, { name, step, statement, again: begun.has(step) });
    }
    await connection.execute(
      'INSERT INTO migrations (name, applied_at) VALUES (?, UTC_TIMESTAMP(3)) ON DUPLICATE KEY UPDATE name = name',
      [name],
    );
  } catch (cause) {
    throw new Error(`migration ${name} could not be applied`, { cause });
  }
}

interface Step {
  readonly name: string;
  readonly step: number;
  readonly statement: string;
  /** Whether it was begun before and perhaps done. */
  readonly again: boolean;
}

async function doStep(connection: Connection, { name, step, statement, again }: Step): Promise<void> {
  const note = 'UPDATE migration_steps SET done_at = UTC_TIMESTAMP(3) WHERE name = ? AND step = ?';
  await connection.execute(
    'INSERT INTO migration_steps (name, step) VALUES (?, ?) ON DUPLICATE KEY UPDATE step = step',
    [name, step],
  );
  if (!/^(CREATE|ALTER|DROP|RENAME)\b/i.test(statement)) {
    // What changes rows is done with its note, both or neither.
    await connection.beginTransaction();
    await connection.query(statement);
    await connection.execute(note, [name, step]);
    await connection.commit();
    return;
  }
  try {
    await connection.query(statement);
  } catch (error) {
    if (!again || !DONE_BEFORE.has((error as { errno?: number }).errno ?? 0)) throw error;
  }
  await connection.execute(note, [name, step]);
}

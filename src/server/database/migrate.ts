import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { createConnection } from 'mysql2/promise';

/**
 * Applies the numbered migrations that a database has not had yet, in order, and says which.
 * @param folder where the `NNNN-name.sql` files lie
 * @throws Error that names the migration which failed; those before it stay applied
 */
export async function migrate(url: string, folder: string): Promise<readonly string[]> {
  const connection = await createConnection({ uri: url, multipleStatements: true, timezone: 'Z' });
  try {
    await connection.query(
      `CREATE TABLE IF NOT EXISTS migrations (name VARCHAR(100) NOT NULL PRIMARY KEY, applied_at DATETIME(3) NOT NULL)
       COMMENT 'A migration that this database has had'`,
    );
    const [rows] = await connection.query('SELECT name FROM migrations');
    const applied = new Set((rows as { name: string }[]).map((row) => row.name));
    const waiting = readdirSync(folder)
      .filter((name) => name.endsWith('.sql') && !applied.has(name))
      .sort();
    for (const name of waiting) {
      try {
        await connection.query(readFileSync(path.join(folder, name), 'utf8'));
        await connection.execute('INSERT INTO migrations (name, applied_at) VALUES (?, UTC_TIMESTAMP(3))', [
          name,
        ]);
      } catch (cause) {
        throw new Error(`migration ${name} could not be applied`, { cause });
      }
    }
    return waiting;
  } finally {
    await connection.end();
  }
}

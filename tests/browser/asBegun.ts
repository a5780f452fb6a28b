import { database, inTransaction, type Database } from '../../src/server/ground/database/database';

/** Before the name of a table, the name of its copy as the demo began. */
const BEGAN = 'began_';

/** Keeps every table of the house as it is now, for the files of tests that come. */
export async function keepAsBegun(): Promise<void> {
  for (const name of await tables()) {
    // Names come from the database itself; a table's name cannot be bound.
    await database.change(`CREATE TABLE \`${BEGAN}${name}\` AS SELECT * FROM \`${name}\``);
  }
}

/** Lays the house out as it began: what another file of tests left behind is nothing to this one. */
export async function layOutAsBegun(): Promise<void> {
  const names = await tables();
  await inTransaction(async (transaction) => {
    await transaction.change('SET FOREIGN_KEY_CHECKS = 0');
    for (const name of names) {
      await transaction.change(`DELETE FROM \`${name}\``);
      const columns = (await given(transaction, name)).map((column) => `\`${column}\``).join(', ');
      await transaction.change(
        `INSERT INTO \`${name}\` (${columns}) SELECT ${columns} FROM \`${BEGAN}${name}\``,
      );
    }
    await transaction.change('SET FOREIGN_KEY_CHECKS = 1');
  });
}

/** The columns of a table, but those that the database makes of others. */
async function given(transaction: Database, table: string): Promise<readonly string[]> {
  const rows = await transaction.rows<{ name: string }>(
    `SELECT COLUMN_NAME AS name FROM information_schema.COLUMNS
     WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = :table AND IS_GENERATED = 'NEVER'`,
    { table },
  );
  return rows.map(({ name }) => name);
}

async function tables(): Promise<readonly string[]> {
  const rows = await database.rows<{ name: string }>(
    'SELECT TABLE_NAME AS name FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE()',
  );
  return rows.map(({ name }) => name).filter((name) => name !== 'migrations' && !name.startsWith(BEGAN));
}

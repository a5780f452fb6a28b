import { readdirSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeEach, describe, expect, test } from 'vitest';
import { buildHouse, emptyDatabase } from '../../../tests/server/house';
import { database, inTransaction } from './database';
import { migrate } from './migrate';
import { closePool } from './pool';

beforeEach(emptyDatabase);
afterAll(closePool);

const titles = async () =>
  (await database.rows<{ title: string }>('SELECT title FROM classes ORDER BY address')).map(
    (row) => row.title,
  );

describe('transactions', () => {
  test('roll back what was done where the work throws', async () => {
    await buildHouse();
    await expect(
      inTransaction(async (transaction) => {
        await transaction.change("UPDATE classes SET title = 'changed'");
        throw new Error('no');
      }),
    ).rejects.toThrow('no');
    expect(await titles()).not.toContain('changed');
  });

  test('inside one only the given handle may be used', async () => {
    await expect(inTransaction(() => database.rows('SELECT 1'))).rejects.toThrow(/only the given handle/);
  });

  test('a deadlock is tried again, so both sides get through', async () => {
    await buildHouse();
    const change = (first: string, second: string) =>
      inTransaction(async (transaction) => {
        await transaction.change("UPDATE classes SET title = CONCAT(title, '!') WHERE address = :first", {
          first,
        });
        await new Promise((resolve) => setTimeout(resolve, 100));
        await transaction.change("UPDATE classes SET title = CONCAT(title, '!') WHERE address = :second", {
          second,
        });
      });
    await Promise.all([change('wind', 'moss'), change('moss', 'wind')]);
    expect(await titles()).toEqual(['Wind & Weather!!', 'Wind & Weather!!']);
  });
});

describe('the migrations', () => {
  const folder = path.resolve('src/server/database/migrations');

  test('are applied once', async () => {
    expect(await migrate(process.env['DATABASE_URL'] ?? '', folder)).toEqual([]);
    const applied = await database.rows<{ name: string }>('SELECT name FROM migrations ORDER BY name');
    expect(applied.map((row) => row.name)).toEqual(readdirSync(folder).sort());
  });

  test('give every table a primary key and a comment that says what a row is', async () => {
    const tables = await database.rows<{ name: string; comment: string; keys: number }>(
      `SELECT TABLE_NAME AS name, TABLE_COMMENT AS comment, (SELECT COUNT(*) FROM information_schema.TABLE_CONSTRAINTS AS c
         WHERE c.TABLE_SCHEMA = t.TABLE_SCHEMA AND c.TABLE_NAME = t.TABLE_NAME AND c.CONSTRAINT_TYPE = 'PRIMARY KEY') AS \`keys\`
       FROM information_schema.TABLES AS t WHERE TABLE_SCHEMA = DATABASE()`,
    );
    expect(tables.length).toBeGreaterThan(10);
    expect(tables.filter((table) => table.keys !== 1 || table.comment === '')).toEqual([]);
  });
});

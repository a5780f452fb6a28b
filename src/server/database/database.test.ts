import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeEach, describe, expect, test } from 'vitest';
import { buildHouse, emptyDatabase, setWork } from '../../../tests/server/house';
import { openDocument } from '../../core/document/openDocument';
import { findAssignment } from '../assignments/queries';
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

  test.each([
    ['', ['']],
    ['Look up.', ['Look up.']],
    [
      '  Look up.\r\n\r\nWrite “it” down:\n\t"all" \\ of it 🌧\n',
      ['Look up.', 'Write “it” down:', '"all" \\ of it 🌧'],
    ],
  ])('make a document of instructions that were plain text: %j', async (text, paragraphs) => {
    const assignmentId = await setWork(await buildHouse());
    await database.change('UPDATE assignments SET instructions = :text WHERE id = :assignmentId', {
      text,
      assignmentId,
    });
    const [, statement = ''] =
      /^(UPDATE assignments SET instructions[\s\S]*?END);$/m.exec(
        readFileSync(path.join(folder, '0022-lessons.sql'), 'utf8'),
      ) ?? [];
    await database.change(statement);
    const instructions = (await findAssignment(database, assignmentId))?.instructions;
    expect(openDocument(instructions).content.content.map((node) => node.textContent)).toEqual(paragraphs);
  });

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

import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createConnection } from 'mysql2/promise';
import { afterAll, beforeEach, describe, expect, test } from 'vitest';
import { buildHouse, emptyDatabase } from '../../../../tests/server/house';
import { database, inTransaction, type Database } from './database';
import { migrate, NewerDatabase } from './migrate';
import { newId } from './newId';
import { closePool } from './pool';
import { takeTurns } from './turns';

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
  const folder = path.resolve('src/server/ground/database/migrations');

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

  test('say at each reference what goes with what; what has none is remembered where somebody is erased', async () => {
    const bare = await database.rows<{ column: string }>(
      `SELECT CONCAT(c.TABLE_NAME, '.', c.COLUMN_NAME) AS \`column\` FROM information_schema.COLUMNS AS c
       WHERE c.TABLE_SCHEMA = DATABASE() AND c.COLUMN_TYPE = 'varchar(16)' AND c.CHARACTER_SET_NAME = 'ascii'
         AND NOT (c.COLUMN_NAME = 'id')
         AND NOT EXISTS (SELECT 1 FROM information_schema.KEY_COLUMN_USAGE AS k
           WHERE k.TABLE_SCHEMA = c.TABLE_SCHEMA AND k.TABLE_NAME = c.TABLE_NAME AND k.COLUMN_NAME = c.COLUMN_NAME
             AND k.REFERENCED_TABLE_NAME IS NOT NULL) ORDER BY 1`,
    );
    expect(bare.map(({ column }) => column)).toEqual([
      'assignments.shared_id', // names no row
      'audit_log.about_id', // eraseEverythingOf
      'audit_log.actor_id', // eraseEverythingOf
      'audit_log.class_id', // eraseEverythingIn
      'audit_log.subject_id', // a line stays when what it is about is gone
      'cases.comment_id', // a case outlives what it is about
      'cases.post_id', // a case outlives what it is about
      'classes.shown_version', // names no row
      'search_texts.class_id', // erasePost
      'search_texts.post_id', // erasePost
      'search_texts.revision_id', // erasePost
      'writer_addresses.address', // names no row
    ]);
  });

  test('hold on to nothing of a person but what they wrote as a writer, and what they decided as a teacher', async () => {
    const holding = async (of: string) =>
      (
        await database.rows<{ column: string }>(
          `SELECT CONCAT(k.TABLE_NAME, '.', k.COLUMN_NAME) AS \`column\` FROM information_schema.KEY_COLUMN_USAGE AS k
           JOIN information_schema.REFERENTIAL_CONSTRAINTS AS r
             ON r.CONSTRAINT_SCHEMA = k.TABLE_SCHEMA AND r.CONSTRAINT_NAME = k.CONSTRAINT_NAME AND r.TABLE_NAME = k.TABLE_NAME
           WHERE k.TABLE_SCHEMA = DATABASE() AND k.REFERENCED_TABLE_NAME = :of AND r.DELETE_RULE NOT IN ('CASCADE', 'SET NULL')
           ORDER BY 1`,
          { of },
        )
      ).map(({ column }) => column);
    expect(await holding('people')).toEqual([
      'assignments.created_by',
      'assignment_answers.answered_by',
      'closed_terms.closed_by',
      'consents.recorded_by',
      'consents.withdrawn_by',
      'decisions.teacher_id',
      'draft_openings.asked_by',
      'draft_openings.decided_by',
      'final_marks.set_by',
      'grade_figures.reader_id',
      'invitations.invited_by',
      'judgements.reader_id',
      'marks_setups.kept_by',
      'marks_taken.taken_by',
      'notes.author_id',
      'own_columns.made_by',
      'own_figures.typed_by',
      'peer_words.taken_back_by',
      'posts.writer_id',
      'publications.published_by',
      'questions.answered_by',
      'readings.teacher_id',
      'requirement_judgements.reader_id',
    ]);
    expect(await holding('classes')).toEqual(['posts.class_id']);
    expect(await holding('posts')).toEqual([]);
    expect(await holding('assignments')).toEqual(['posts.assignment_id']);
  });
});

describe('what another try mends', () => {
  test('is tried again: a connection that is lost before the end, for whole transactions and for what only reads', async () => {
    await buildHouse();
    let tries = 0;
    await inTransaction(async (transaction) => {
      tries += 1;
      await transaction.change("UPDATE classes SET title = CONCAT(title, '!')");
      if (tries === 1) await killOwn(transaction);
      // Whether the connection is still there shows at the next statement.
      await transaction.rows('SELECT 1');
    });
    expect(tries).toBe(2);
    expect(new Set(await titles())).toEqual(new Set(['Wind & Weather!']));
  });

  test('a transaction that was ended without a word is done again whole, and nothing of it by itself', async () => {
    await buildHouse();
    let tries = 0;
    await inTransaction(async (transaction) => {
      tries += 1;
      await transaction.change("UPDATE classes SET title = CONCAT(title, '!')");
      // As a cluster does where another node was first.
      if (tries === 1) await transaction.change('ROLLBACK');
      await transaction.change(`UPDATE classes SET title = CONCAT(title, :sign) /* ${newId()} */`, {
        sign: '?',
      });
    });
    expect(tries).toBe(2);
    expect(new Set(await titles())).toEqual(new Set(['Wind & Weather!?']));
  });

  test('a key that is taken is looked at again, so that eight of the same are one', async () => {
    await buildHouse();
    const begin = () =>
      inTransaction(async (transaction) => {
        const known = await transaction.rows("SELECT 1 FROM class_addresses WHERE address = 'brook'");
        await new Promise((resolve) => setTimeout(resolve, 50));
        if (known.length > 0) return 'known';
        await transaction.change(
          "INSERT INTO class_addresses (address, class_id, since) SELECT 'brook', id, created_at FROM classes LIMIT 1",
        );
        return 'made';
      });
    const outcomes = await Promise.all(Array.from({ length: 8 }, begin));
    expect(outcomes.filter((outcome) => outcome === 'made')).toHaveLength(1);
  });

  test('who waited for a turn sees what the one before did', async () => {
    const { classId } = await buildHouse();
    const add = () =>
      inTransaction(async (transaction) => {
        await transaction.rows('SELECT 1 FROM classes');
        await takeTurns(transaction, [classId]);
        const [row] = await transaction.rows<{ title: string }>(
          'SELECT title FROM classes WHERE id = :classId',
          {
            classId,
          },
        );
        await transaction.change('UPDATE classes SET title = :title WHERE id = :classId', {
          classId,
          title: `${row?.title}!`,
        });
      });
    await Promise.all(Array.from({ length: 9 }, add));
    expect(await titles()).toContain('Wind & Weather!!!!!!!!!');
  });
});

/** Ends the connection of a transaction from outside, as a network does. */
async function killOwn(transaction: Database): Promise<void> {
  const [row] = await transaction.rows<{ id: number | string }>('SELECT CONNECTION_ID() AS id');
  const other = await createConnection(process.env['DATABASE_URL'] ?? '');
  await other.query(`KILL CONNECTION ${Number(row?.id)}`);
  await other.end();
}

describe('a start that is broken off while the database is laid out', () => {
  const STATEMENTS = [
    "CREATE TABLE tried (id INT NOT NULL PRIMARY KEY, said VARCHAR(20) NOT NULL DEFAULT 'a;b''c') COMMENT 'A try; no more'",
    'INSERT INTO tried (id) VALUES (1)',
    'ALTER TABLE tried ADD COLUMN more INT NULL',
    'UPDATE tried SET id = id + 1',
  ];

  test.each([0, 1, 2, 3])('is taken up where it stopped: at statement %i', async (at) => {
    const url = process.env['DATABASE_URL'] ?? '';
    const folder = mkdtempSync(path.join(tmpdir(), 'porch-migrations-'));
    const name = '9001-try.sql';
    const write = (statements: readonly string[]) =>
      writeFileSync(
        path.join(folder, name),
        `-- Semicolons; in comments and 'quotes; too' end nothing.\n${statements.map((one) => `${one};\n`).join('')}`,
      );
    for (const known of await database.rows<{ name: string }>('SELECT name FROM migrations'))
      writeFileSync(path.join(folder, known.name), '');
    try {
      write(STATEMENTS.slice(0, at));
      await migrate(url, folder);
      await database.change('DELETE FROM migrations WHERE name = :name', { name });
      // As after a kill before the note: tables are changed, rows are not.
      await database.change('INSERT INTO migration_steps (name, step) VALUES (:name, :at)', { name, at });
      if (/^(CREATE|ALTER)/.test(STATEMENTS[at] ?? '')) await database.change(STATEMENTS[at] ?? '');
      write(STATEMENTS);
      expect(await migrate(url, folder)).toEqual([name]);
      expect(await database.rows('SELECT * FROM tried')).toEqual([{ id: 2, said: "a;b'c", more: null }]);
    } finally {
      await database.change('DROP TABLE IF EXISTS tried');
      await database.change('DELETE FROM migrations WHERE name = :name', { name });
      await database.change('DELETE FROM migration_steps WHERE name = :name', { name });
      rmSync(folder, { recursive: true });
    }
  });

  test('several processes that begin at once do it once', async () => {
    const url = process.env['DATABASE_URL'] ?? '';
    const folder = path.resolve('src/server/ground/database/migrations');
    expect(await Promise.all([1, 2, 3].map(() => migrate(url, folder)))).toEqual([[], [], []]);
  });

  test('a database of a later version is left alone', async () => {
    const empty = mkdtempSync(path.join(tmpdir(), 'porch-migrations-'));
    await expect(migrate(process.env['DATABASE_URL'] ?? '', empty)).rejects.toBeInstanceOf(NewerDatabase);
    rmSync(empty, { recursive: true });
  });
});

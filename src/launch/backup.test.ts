import { mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createConnection } from 'mysql2/promise';
import { afterAll, afterEach, beforeAll, beforeEach, expect, test, vi } from 'vitest';
import { migrate } from '../server/database/migrate';
import { layOut, makeBackup } from './backup';
import { startMariadb } from './mariadb';

const folder = mkdtempSync(path.join(tmpdir(), 'porch-backed-'));
const [data, other, backups] = ['data', 'other', 'kept'].map((name) => path.join(folder, name)) as [
  string,
  string,
  string,
];
const AT = new Date('2026-11-26T07:30:00Z');
let file: string;
let noted: unknown;

async function ask(url: string, sql: string): Promise<unknown> {
  const connection = await createConnection({ uri: url, timezone: 'Z' });
  try {
    return (await connection.query(sql))[0];
  } finally {
    await connection.end();
  }
}

/** The install that is backed up is the one in the folder, not the tests' own. */
beforeEach(() => {
  vi.stubEnv('DATABASE_URL', undefined);
  vi.stubEnv('PORCH_PICTURES', undefined);
});
afterEach(() => vi.unstubAllEnvs());

beforeAll(async () => {
  vi.stubEnv('DATABASE_URL', undefined);
  vi.stubEnv('PORCH_PICTURES', undefined);
  mkdirSync(path.join(data, 'pictures', 'ab'), { recursive: true });
  writeFileSync(path.join(data, 'pictures', 'ab', 'one.webp'), 'a picture');
  const running = await startMariadb(data, { quick: true });
  try {
    await migrate(running.url, path.resolve('src/server/database/migrations'));
    await ask(
      running.url,
      `INSERT INTO people (id, given_name, family_name, created_at) VALUES ('one', 'Søren 👋', 'O''Dell', '2026-11-26')`,
    );
    file = await makeBackup({ data, backups }, AT);
    noted = await ask(running.url, 'SELECT made_at, bytes FROM backups');
  } finally {
    await running.stop();
  }
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('that it was made is noted, for administrators to see how old it is', () => {
  expect(path.basename(file)).toBe('porch-20261126-073000.tar.gz');
  expect((statSync(file).mode & 0o777).toString(8)).toBe('600');
  expect(noted).toEqual([{ made_at: AT, bytes: statSync(file).size }]);
});

test('a backup laid out elsewhere has every word and picture', async () => {
  await layOut(file, other);
  expect(readFileSync(path.join(other, 'pictures', 'ab', 'one.webp'), 'utf8')).toBe('a picture');
  const running = await startMariadb(other, { quick: true });
  try {
    expect(await ask(running.url, 'SELECT given_name, family_name FROM people')).toEqual([
      { given_name: 'Søren 👋', family_name: "O'Dell" },
    ]);
  } finally {
    await running.stop();
  }
});

test('nothing is laid out over a database, and nothing that is no backup', async () => {
  await expect(layOut(file, data)).rejects.toThrow(/There is a database .* already/);
  const wrong = path.join(folder, 'wrong.tar.gz');
  writeFileSync(wrong, 'this is no archive');
  await expect(layOut(wrong, path.join(folder, 'third'))).rejects.toThrow(/is no backup/);
});

test('a database that does not run is said plainly, and leaves no half a file', async () => {
  await expect(makeBackup({ data, backups: path.join(folder, 'none') }, AT)).rejects.toThrow(
    /could not be reached/,
  );
  expect(() => statSync(path.join(folder, 'none', 'porch-20261126-073000.tar.gz'))).toThrow();
});

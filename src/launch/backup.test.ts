import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createConnection } from 'mysql2/promise';
import { afterAll, afterEach, beforeAll, beforeEach, expect, test, vi } from 'vitest';
import { migrate } from '../server/ground/database/migrate';
import { layOut, makeBackup } from './backup';
import { run } from './childProcess';
import { startMariadb } from './mariadb';

const folder = mkdtempSync(path.join(tmpdir(), 'porch-backed-'));
const [data, other, backups] = ['data', 'other', 'kept'].map((name) => path.join(folder, name)) as [
  string,
  string,
  string,
];
const MIGRATIONS = path.resolve('src/server/ground/database/migrations');
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
    await migrate(running.url, path.resolve('src/server/ground/database/migrations'));
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
  await layOut(file, other, MIGRATIONS);
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

test('nothing is laid out over a database or pictures, and nothing that is no backup', async () => {
  await expect(layOut(file, data, MIGRATIONS)).rejects.toThrow(/There is a database .* already/);
  const wrong = path.join(folder, 'wrong.tar.gz');
  writeFileSync(wrong, 'this is no archive');
  await expect(layOut(wrong, path.join(folder, 'third'), MIGRATIONS)).rejects.toThrow(/is no backup/);
  const kept = path.join(folder, 'with-pictures');
  mkdirSync(path.join(kept, 'pictures', 'ab'), { recursive: true });
  await expect(layOut(file, kept, MIGRATIONS)).rejects.toThrow(/There are pictures/);
});

/** An archive of some files, made by hand. */
async function packed(
  name: string,
  files: Readonly<Record<string, string>>,
  linked?: string,
): Promise<string> {
  const made = mkdtempSync(path.join(folder, 'made-'));
  for (const [at, text] of Object.entries(files)) writeFileSync(path.join(made, at), text);
  if (linked) symlinkSync(linked, path.join(made, 'pictures'));
  const archive = path.join(folder, `${name}.tar.gz`);
  await run('tar', ['-czf', archive, '-C', made, '.']);
  return archive;
}

test.each([
  ['a query', 'SELECT 1;\n'],
  ['a line that a client would run as a program', 'CREATE TABLE a (b INT);\n\\! touch PROOF\n;\n'],
  ['another such word', 'system touch PROOF\n;\n'],
  ['a trigger', '/*!50003 CREATE TRIGGER x BEFORE INSERT ON y FOR EACH ROW SET @a = 1 */;\n'],
  ['a statement that breaks off', "INSERT INTO a VALUES ('b"],
  ['tables of something else', 'CREATE TABLE migrations (name VARCHAR(100));\n'],
])('%s is no backup, and nothing of it is done', async (name, sql) => {
  const proof = path.join(folder, 'proof');
  const archive = await packed('bad', { 'database.sql': sql.replaceAll('PROOF', proof) });
  const place = path.join(folder, `for-${name.replaceAll(' ', '-')}`);
  await expect(layOut(archive, place, MIGRATIONS)).rejects.toThrow(/is no backup/);
  expect(existsSync(proof)).toBe(false);
  expect(readdirSync(place).filter((one) => one !== 'porch.lock')).toEqual(['pictures']);
});

test('a link in place of the pictures is no backup', async () => {
  const archive = await packed('linked', { 'database.sql': 'SET NAMES utf8mb4;\n' }, '/etc');
  await expect(layOut(archive, path.join(folder, 'linked'), MIGRATIONS)).rejects.toThrow(/is no backup/);
});

test('one of a newer version is refused', async () => {
  const unpacked = mkdtempSync(path.join(folder, 'unpacked-'));
  await run('tar', ['-xzf', file, '-C', unpacked]);
  const dumped = readFileSync(path.join(unpacked, 'database.sql'), 'utf8');
  const later = "INSERT INTO `migrations` VALUES ('9001-later.sql','2031-01-01 00:00:00.000');\n";
  const archive = await packed('newer', { 'database.sql': dumped + later });
  await expect(layOut(archive, path.join(folder, 'newer'), MIGRATIONS)).rejects.toThrow(/newer version/);
});

test('what a kill left of a backup goes with the next, and a restore that was broken off is begun again', async () => {
  const left = path.join(backups, 'unfinished-999999-abc');
  mkdirSync(left);
  writeFileSync(path.join(left, 'database.sql'), 'everything that children wrote');
  const place = path.join(folder, 'again');
  mkdirSync(path.join(place, 'restore-abc'), { recursive: true });
  writeFileSync(path.join(place, 'restore-abc', 'database.sql'), 'everything that children wrote');
  await layOut(file, place, MIGRATIONS);
  expect(existsSync(path.join(place, 'restore-abc'))).toBe(false);
  await expect(makeBackup({ data, backups }, AT)).rejects.toThrow(/could not be reached/);
  expect(readdirSync(backups)).toEqual([path.basename(file)]);
});

test('a database that does not run is said plainly, and leaves no half a file', async () => {
  await expect(makeBackup({ data, backups: path.join(folder, 'none') }, AT)).rejects.toThrow(
    /could not be reached/,
  );
  expect(() => statSync(path.join(folder, 'none', 'porch-20261126-073000.tar.gz'))).toThrow();
});

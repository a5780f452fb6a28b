import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createConnection } from 'mysql2/promise';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { startMariadb } from './mariadb';

let folder: string;
beforeEach(() => {
  // A folder may be called whatever people call folders.
  folder = mkdtempSync(path.join(tmpdir(), 'porch mariadb-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

async function ask(url: string, sql: string): Promise<unknown> {
  const connection = await createConnection({ uri: url });
  try {
    return (await connection.query(sql))[0];
  } finally {
    await connection.end();
  }
}

/** Processes of a server that uses this test's folder. */
function servers(): readonly string[] {
  return readdirSync('/proc').filter((pid) => {
    if (!/^\d+$/.test(pid)) return false;
    try {
      return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(`--datadir=${folder}`);
    } catch {
      // It ended between the two looks.
      return false;
    }
  });
}

async function until(holds: () => boolean): Promise<void> {
  for (let tries = 0; tries < 300 && !holds(); tries += 1)
    await new Promise((resolve) => setTimeout(resolve, 100));
  expect(holds()).toBe(true);
}

test('keeps what was stored from one start to the next, and leaves nothing running', async () => {
  const first = await startMariadb(folder);
  await ask(first.url, 'CREATE TABLE kept (n INT)');
  await ask(first.url, 'INSERT INTO kept VALUES (7)');
  await first.stop();
  expect(servers()).toEqual([]);
  const second = await startMariadb(folder);
  expect(await ask(second.url, 'SELECT n FROM kept')).toEqual([{ n: 7 }]);
  await second.stop();
  expect(servers()).toEqual([]);
});

test('listens on loopback only, with an account whose password nobody else can read', async () => {
  const database = await startMariadb(folder);
  expect(await ask(database.url, 'SELECT @@bind_address AS bound')).toEqual([{ bound: '127.0.0.1' }]);
  expect(statSync(path.join(folder, 'mariadb/password')).mode & 0o077).toBe(0);
  await expect(ask(database.url.replace(/:[0-9a-f]+@/, ':wrong@'), 'SELECT 1')).rejects.toThrow(/denied/);
  await database.stop();
});

test('lays out anew what an earlier start left half done', async () => {
  const first = await startMariadb(folder);
  await first.stop();
  const data = path.join(folder, 'mariadb/data');
  renameSync(data, `${data}.unfinished`);
  const again = await startMariadb(folder);
  expect(await ask(again.url, 'SELECT 1 AS one')).toEqual([{ one: 1 }]);
  await again.stop();
  expect(existsSync(`${data}.unfinished`)).toBe(false);
});

test('ends with the process that started it, even when that is killed', async () => {
  const script = `import { startMariadb } from './src/launch/mariadb'; await startMariadb(process.argv[1]); console.log('up'); setInterval(() => {}, 1000);`;
  const child = spawn(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', script, folder], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve) => child.stdout.once('data', () => resolve()));
  expect(servers().length).toBeGreaterThan(0);
  child.kill('SIGKILL');
  await until(() => servers().length === 0);
});

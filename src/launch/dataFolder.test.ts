import { chmodSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { run } from './childProcess';
import { takeDataFolder } from './dataFolder';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'porch-data-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('a folder is taken by one process at a time, and given back', () => {
  const taken = takeDataFolder(folder);
  expect(() => takeDataFolder(folder)).toThrow(/runs already with/);
  taken.release();
  takeDataFolder(folder).release();
});

test('of eight that begin in one instant one has it', async () => {
  const program = path.join(folder, 'take.mts');
  writeFileSync(
    program,
    `import { takeDataFolder } from ${JSON.stringify(path.resolve('src/launch/dataFolder.ts'))};
     try { takeDataFolder(${JSON.stringify(folder)}); console.log('has it'); await new Promise((end) => setTimeout(end, 6000)); }
     catch { console.log('has not'); }`,
  );
  const ends = await Promise.all(
    Array.from({ length: 8 }, () => run(process.execPath, ['--import', 'tsx', program])),
  );
  expect(ends.filter(({ output }) => output.includes('has it'))).toHaveLength(1);
  // The one that had it is gone.
  takeDataFolder(folder).release();
});

test('a crash leaves no right to the folder behind, even where its number is used again', () => {
  for (const left of ['999999 1\n', `${process.pid} 1\n`, '']) {
    writeFileSync(path.join(folder, 'porch.lock'), left);
    takeDataFolder(folder).release();
  }
});

test('a folder that cannot be made is one clear line', () => {
  const file = path.join(folder, 'file');
  writeFileSync(file, '');
  chmodSync(file, 0o400);
  expect(() => takeDataFolder(path.join(file, 'data'))).toThrow(/cannot be used/);
});

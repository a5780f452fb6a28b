import { chmodSync, existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
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
  expect(existsSync(path.join(folder, 'porch.lock'))).toBe(false);
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

import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from 'vitest';
import type { Deed } from '../contract/deed';
import type { Door } from '../contract/door';
import { USE_CASES } from './useCases';

const CONTRACT = path.resolve('src/contract');

/** Everything that browser and server speak of. */
async function declared(): Promise<readonly unknown[]> {
  const files = readdirSync(CONTRACT, { recursive: true, encoding: 'utf8' }).filter((file) =>
    /\/\w+\.ts$/.test(file),
  );
  const modules = await Promise.all(
    files.map((file) => import(path.join(CONTRACT, file)) as Promise<Record<string, unknown>>),
  );
  return modules.flatMap((one) => Object.values(one));
}

function isDeed(value: unknown): value is Deed<unknown, unknown> {
  return typeof value === 'object' && value !== null && 'action' in value && 'input' in value;
}

/** Doors for files are checked where they are answered, before anything of the file is read. */
function isDoor(value: unknown): value is Door<unknown, unknown> {
  return typeof value === 'object' && value !== null && 'path' in value && 'method' in value;
}

test('what is declared is done, under its own name, and nothing else is', async () => {
  const deeds = (await declared()).filter(isDeed);
  expect(deeds.map((one) => one.name).sort()).toEqual(Object.keys(USE_CASES).sort());
  for (const one of deeds)
    expect(USE_CASES[one.name as keyof typeof USE_CASES]).toMatchObject({
      name: one.name,
      on: one.on,
      action: one.action,
      input: one.input,
    });
});

test('every door checks what it declares', async () => {
  const doors = (await declared()).filter(isDoor);
  expect(doors.length).toBeGreaterThan(8);
  const checking = readdirSync('src/server/deeds', { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
    .filter((file) => readFileSync(path.join('src/server/deeds', file), 'utf8').includes('(door.input)'));
  expect(checking).toHaveLength(doors.length);
});

import { readdirSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from 'vitest';
import type { Deed } from '../contract/deed';
import { USE_CASES } from './useCases';

const CONTRACT = path.resolve('src/contract');

/** Every deed that browser and server speak of. */
async function declared(): Promise<readonly Deed<unknown, unknown>[]> {
  const files = readdirSync(CONTRACT, { recursive: true, encoding: 'utf8' }).filter((file) =>
    /\/\w+\.ts$/.test(file),
  );
  const modules = await Promise.all(
    files.map((file) => import(path.join(CONTRACT, file)) as Promise<Record<string, unknown>>),
  );
  return modules.flatMap((one) => Object.values(one)).filter(isDeed);
}

function isDeed(value: unknown): value is Deed<unknown, unknown> {
  return typeof value === 'object' && value !== null && 'action' in value && 'input' in value;
}

test('what is declared is done, under its own name, and nothing else is', async () => {
  const deeds = await declared();
  expect(deeds.map((one) => one.name).sort()).toEqual(Object.keys(USE_CASES).sort());
  for (const one of deeds)
    expect(USE_CASES[one.name as keyof typeof USE_CASES]).toMatchObject({
      name: one.name,
      on: one.on,
      action: one.action,
      input: one.input,
    });
});

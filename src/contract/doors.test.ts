import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, test } from 'vitest';

interface Declared {
  readonly path: string;
  /** Files are sent by POST alone. */
  readonly method?: string;
  readonly input: object;
}

async function declaredIn(folder: string): Promise<readonly (readonly [string, Declared])[]> {
  const doors: (readonly [string, Declared])[] = [];
  for (const file of readdirSync(path.join('src/contract', folder))) {
    const declared = (await import(path.resolve('src/contract', folder, file))) as Record<string, Declared>;
    const name = path.basename(file, '.ts');
    doors.push([name, declared[name]!]);
  }
  return doors;
}

const DOORS = [...(await declaredIn('doors')), ...(await declaredIn('fileDoors'))];

/** What a route file answers to. */
function methodsOf(route: string): readonly string[] {
  return [
    ...readFileSync(route, 'utf8').matchAll(/export (?:const|async function|function) ([A-Z]+)\b/g),
  ].map(([, method]) => method!);
}

describe.each(DOORS)('%s', (_, { path: address, method = 'POST', input }) => {
  test('is there, under the address and by the method that it declares', () => {
    const route = `src/app${address}/route.ts`;
    expect([route, existsSync(route)]).toEqual([route, true]);
    expect(methodsOf(route)).toContain(method);
  });

  test('takes nothing besides what it declares', () => {
    const forms = 'oneOf' in input ? (input.oneOf as readonly object[]) : [input];
    for (const form of forms) expect(form).toMatchObject({ additionalProperties: false });
  });
});

test('no address of ours that takes something is left undeclared', () => {
  const routes = readdirSync('src/app/api', { recursive: true, encoding: 'utf8' }).filter((file) =>
    file.endsWith('route.ts'),
  );
  const declared = new Set(DOORS.map(([, door]) => `${door.path} ${door.method ?? 'POST'}`));
  const undeclared = routes
    .flatMap((file) => methodsOf(path.join('src/app/api', file)).map((method) => [file, method] as const))
    .filter(([, method]) => method !== 'GET')
    .map(([file, method]) => `/api/${path.dirname(file)} ${method}`)
    .filter((one) => !declared.has(one));
  // Deeds have one address for all; leaving takes nothing.
  expect(undeclared.sort()).toEqual(['/api/do/[useCase] POST', '/api/session DELETE']);
});

import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, test } from 'vitest';
import type { Deed } from '../contract/deed';
import { ACCESS } from '../core/access/table';
import { HANDLERS } from '../server/deeds/chores/chores';
import { LABEL_DRAWINGS } from '../core/labels/labelSet';
import { USE_CASES } from '../server/useCases';
import { REQUIREMENT_KINDS } from '../core/requirements/registry';
import messages from './en.json';

type AnyDeed = Pick<Deed<unknown, unknown>, 'name' | 'on' | 'looksOnly' | 'unlogged'>;
const NAMED = new Set(['post', 'handIn', 'assignment']);

type Catalogue = { readonly [key: string]: string | Catalogue };
const catalogue: Catalogue = messages;

function at(key: string): string | Catalogue | undefined {
  return key
    .split('.')
    .reduce<string | Catalogue | undefined>(
      (part, step) => (typeof part === 'object' ? part[step] : undefined),
      catalogue,
    );
}

function filesUnder(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const place = path.join(folder, name);
    return statSync(place).isDirectory()
      ? filesUnder(place)
      : /\.tsx?$/.test(name) && !name.endsWith('.test.ts')
        ? [place]
        : [];
  });
}

const DECLARED = /const (\w+) = (?:await )?(?:use|get)Translations\('([\w.]+)'\)/g;
const ASKED = /\b(\w+)(?:\.rich)?\(\s*(?:'([\w.]+)'|`([\w.]*)\$)/g;

/** The keys that a file asks for: whole ones, and of those that are put together the part before the first gap. */
function keysIn(source: string): string[] {
  const declared = [...source.matchAll(DECLARED)].map((match) => ({
    at: match.index,
    name: match[1],
    space: match[2]!,
  }));
  return [...source.matchAll(ASKED)].flatMap((match) => {
    const [, name, whole, beginning = ''] = match;
    const space = declared.findLast((one) => one.name === name && one.at < match.index)?.space;
    if (space === undefined) return [];
    return [[space, whole ?? beginning.replace(/\.?\w*$/, '')].filter(Boolean).join('.')];
  });
}

describe.each([...filesUnder('src/components'), ...filesUnder('src/app')])('%s', (file) => {
  test('says nothing that is not in the catalogue', () => {
    const missing = keysIn(readFileSync(file, 'utf8')).filter((key) => at(key) === undefined);
    expect(missing).toEqual([]);
  });
});

test('every refusal has its sentence', () => {
  const codes = filesUnder('src/server').flatMap((file) =>
    [...readFileSync(file, 'utf8').matchAll(/(?:refused\(\s*|code: )'([\w.]+)'/g)].map((match) => match[1]!),
  );
  expect(codes.length).toBeGreaterThan(20);
  expect(codes.filter((code) => typeof at(`refusals.${code}`) !== 'string')).toEqual([]);
});

test('every kind of requirement has its name, lines, tray and form', () => {
  for (const { kind } of REQUIREMENT_KINDS)
    for (const part of ['name', 'line', 'lack', 'toDo', 'tray', 'form'])
      expect([kind, part, at(`requirements.${kind}.${part}`)]).not.toContain(undefined);
});

test('every drawing beside a label is named', () => {
  for (const drawing of LABEL_DRAWINGS)
    expect([drawing, typeof at(`labels.drawing.shows.${drawing}`)]).toEqual([drawing, 'string']);
});

test('every action of the access table and every kind of work beside the requests has its words', () => {
  const keys = [
    ...Object.keys(ACCESS).map((action) => `roles.actions.${action.replace('.', '-')}`),
    ...Object.keys(HANDLERS).map((kind) => `install.kinds.${kind}`),
  ];
  expect(keys.filter((key) => typeof at(key) !== 'string')).toEqual([]);
});

test('what was done to a post or an assignment is told with its name', () => {
  const deeds: readonly AnyDeed[] = Object.values(USE_CASES);
  const nameless = deeds
    .filter(({ on, looksOnly, unlogged }) => !looksOnly && !unlogged && NAMED.has(on))
    .map(({ name }) => [name, at(`log.deeds.${name}`)])
    .filter(([, words]) => typeof words !== 'string' || !words.includes('{about}'));
  expect(nameless).toEqual([]);
});

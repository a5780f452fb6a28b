import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, test } from 'vitest';
import catalogue from './en.json';
import { pickMessages, type Messages } from './pick';

const APP = path.resolve('src/app');
const pages = readdirSync(APP, { recursive: true, encoding: 'utf8' }).filter((file) =>
  file.endsWith('page.tsx'),
);

/** What stands in the server's files, by their names. */
const SERVER = readdirSync('src/server', { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
  .map((file) => [file, readFileSync(path.join('src/server', file), 'utf8')] as const);

test('what is picked is what was named, and what every page says', () => {
  const picked = pickMessages(catalogue, ['roster', 'refusals.roster']);
  expect(picked['roster']).toEqual(catalogue.roster);
  expect(picked['refusals']).toMatchObject({
    roster: catalogue.refusals.roster,
    offline: catalogue.refusals.offline,
  });
  expect(picked['refusals']).not.toHaveProperty('assignment');
  expect(picked).not.toHaveProperty('builder');
  expect(() => pickMessages(catalogue, ['rooster'])).toThrow('rooster');
});

describe('every page gives the browser the words that its parts say there', () => {
  test.each(pages)('%s', (page) => {
    const given = pickMessages(catalogue, wordsGiven(page));
    const missing = [...wordsSaid(path.join(APP, page))].filter((name) => !isIn(given, name));
    expect(missing).toEqual([]);
  });
});

/** The parts that the innermost layout of a page that names any gives. */
function wordsGiven(page: string): readonly string[] {
  for (let folder = path.dirname(page); ; folder = path.dirname(folder)) {
    const layout = path.join(APP, folder, 'layout.tsx');
    const source = existsSync(layout) ? readFileSync(layout, 'utf8') : '';
    const named = /(?:withWords\(|WORDS = )\[([^\]]*)\]/.exec(source)?.[1];
    if (named !== undefined) return [...named.matchAll(/'([^']+)'/g)].map(([, name = '']) => name);
    if (folder === '.') return [];
  }
}

/** The parts of the catalogue that what runs in the browser on a page asks for, refusals of its deeds among them. */
function wordsSaid(page: string): ReadonlySet<string> {
  const said = new Set<string>();
  for (const file of inBrowser(page)) {
    const source = readFileSync(file, 'utf8');
    for (const [, name = ''] of source.matchAll(/use(?:Translations|MadeWords)\(\s*'([^']+)'/g))
      if (name !== 'refusals') said.add(name);
    for (const [, folder = '', name = ''] of source.matchAll(/from '[./]*contract\/(\w+)\/(\w+)'/g))
      for (const part of ['doors', 'fileDoors'].includes(folder) ? refusalsAt(name) : refusalsOf(folder))
        said.add(part);
  }
  return said;
}

/** Where what an aggregate's deeds refuse is said. */
function refusalsOf(folder: string): readonly string[] {
  return refusalsIn(SERVER.filter(([file]) => file.startsWith(`deeds/${folder}/`)));
}

/** Where what is refused at a door is said: by what answers it, and by what that hands the question on to. */
function refusalsAt(door: string): readonly string[] {
  const answering = SERVER.filter(([, source]) =>
    ['doors', 'fileDoors'].some((folder) => source.includes(`contract/${folder}/${door}'`)),
  );
  const named = answering.flatMap(([, source]) =>
    [...source.matchAll(/from '\.\.?\/(?:\w+\/)?(\w+)'/g)].map(([, name = '']) => `${name}.ts`),
  );
  return refusalsIn([...answering, ...SERVER.filter(([file]) => named.includes(path.basename(file)))]);
}

function refusalsIn(files: typeof SERVER): readonly string[] {
  return files.flatMap(([, source]) =>
    [...source.matchAll(/refused\(\s*['`](\w+)\./g)].map(([, part = '']) => `refusals.${part}`),
  );
}

/** The modules that run in the browser on a page: those that say so, and whatever these import. */
function inBrowser(page: string): ReadonlySet<string> {
  const found = new Set<string>();
  const seen = new Set<string>();
  const walk = (file: string, within: boolean) => {
    const source = readFileSync(file, 'utf8');
    const runs = within || source.trimStart().startsWith("'use client'");
    if (seen.has(`${file}${runs}`)) return;
    seen.add(`${file}${runs}`);
    if (runs) found.add(file);
    for (const [, , from = ''] of source.matchAll(
      /^(?:import|export) (?!type )([^;'"]*? from )?'([^']+)'/gm,
    )) {
      const to = maybeModule(file, from);
      if (to !== null) walk(to, runs);
    }
  };
  walk(page, false);
  return found;
}

/** The file of one of our own modules outside the server; null for packages, styles and what never reaches a browser. */
function maybeModule(from: string, name: string): string | null {
  const base = name.startsWith('@/')
    ? path.resolve('src', name.slice(2))
    : name.startsWith('.')
      ? path.resolve(path.dirname(from), name)
      : null;
  if (base === null || base.includes(`${path.sep}server${path.sep}`)) return null;
  return [`${base}.tsx`, `${base}.ts`].find((file) => existsSync(file)) ?? null;
}

function isIn(messages: Messages, name: string): boolean {
  let part: Messages | string | undefined = messages;
  for (const key of name.split('.')) part = typeof part === 'object' ? part[key] : undefined;
  return part !== undefined;
}

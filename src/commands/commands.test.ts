import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, expect, test } from 'vitest';
import { COMPUTING } from './compute';

const folder = mkdtempSync(path.join(tmpdir(), 'porch-commands-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function porch(
  args: readonly string[],
  input = '',
): { readonly status: number | null; readonly out: string; readonly err: string } {
  const { status, stdout, stderr } = spawnSync('node', ['--import', 'tsx', 'src/commands/main.ts', ...args], {
    input,
    encoding: 'utf8',
  });
  return { status, out: stdout, err: stderr };
}

function file(name: string, content: string): string {
  const place = path.join(folder, name);
  writeFileSync(place, content);
  return place;
}

test('the command for people hands over every command that computes', () => {
  const [, handed = ''] =
    /^ {2}([a-z| ]+)\) exec node --import tsx src\/commands\/main\.ts/m.exec(readFileSync('porch', 'utf8')) ??
    [];
  expect(handed.split(' | ').toSorted()).toEqual(Object.keys(COMPUTING).toSorted());
});

test('gradebook prints figures, and one line where something does not belong together', () => {
  const book = (category: string | null) =>
    file(
      'book.json',
      JSON.stringify({
        columns: [{ id: 'a', category, possible: 8 }],
        categories: [],
        now: '2026-11-02T12:00:00Z',
        students: [{ id: 's', cells: { a: { grade: 7 } } }],
      }),
    );
  const { status, out } = porch(['gradebook', book(null)]);
  expect(status).toBe(0);
  expect(JSON.parse(out)).toMatchObject({ students: [{ id: 's', overall: 87.5, letter: null }] });
  expect(porch(['gradebook', book('x')])).toMatchObject({
    status: 2,
    out: '',
    err: 'columns.category: there is no category x\n',
  });
});

test('words prints the bare number, of a file or of standard input', () => {
  expect(porch(['words', '-'], 'well-known sky')).toMatchObject({ status: 0, out: '2\n' });
  expect(porch(['words', file('post.html', '<p>one two</p><figcaption>x</figcaption>')])).toMatchObject({
    status: 0,
    out: '3\n',
  });
});

test('check prints the answer whatever it says', () => {
  const assignment = file(
    'a.json',
    '{"requirements":[{"id":"w","kind":"words","weight":"required","points":1,"min":5}]}',
  );
  const { status, out } = porch([
    'check',
    '--assignment',
    assignment,
    file('post.md', '---\ntitle: T\n---\nonly three words'),
  ]);
  expect(status).toBe(0);
  expect(JSON.parse(out)).toMatchObject({ ready: false, requirements: [{ state: 'partly', measured: 3 }] });
});

test.each([
  ['{"requirements":[{"id":"w","kind":"words","weight":"required","min":"ten"}]}', /^requirements\.0\.min: /],
  [
    '{"requirements":[{"id":"w","kind":"wordz","weight":"required"}]}',
    /^requirements\.0\.kind: there is no such kind/,
  ],
  ['{"requirements":[{"id":"w","kind":"words","weight":"required","most":1}]}', /^requirements\.0\.most: /],
  ['{}', /^requirements: it is missing/],
  ['{', /it is not JSON/],
])('an assignment that cannot be read ends with 2 and one line that names the field: %s', (json, line) => {
  const { status, err } = porch(['check', '--assignment', '-', file('p.html', '<p>x</p>')], json);
  expect(status).toBe(2);
  expect(err).toMatch(line);
  expect(err.trim().split('\n')).toHaveLength(1);
});

test('grade refuses what cannot be', () => {
  const sound = {
    requirements: [],
    rubric: [],
    timeZone: 'Europe/Dublin',
    handIns: [],
    due: '2026-11-19T16:00',
  };
  expect(porch(['grade', '-'], JSON.stringify(sound)).status).toBe(0);
  expect(porch(['grade', '-'], JSON.stringify({ ...sound, timeZone: 'Mars/One' }))).toMatchObject({
    status: 2,
    err: 'timeZone: there is no time zone Mars/One\n',
  });
  expect(porch(['grade', '-'], JSON.stringify({ ...sound, extension: '2026-11-01T16:00' }))).toMatchObject({
    status: 2,
  });
});

test('vectors prints each difference as a line of JSON and counts', () => {
  const cases = file(
    'cases.json',
    JSON.stringify([
      { text: 'one', words: 1 },
      { text: 'one', words: 2 },
    ]),
  );
  const { status, out } = porch(['vectors', cases]);
  expect(status).toBe(1);
  const lines = out.trim().split('\n');
  expect(JSON.parse(lines[0]!)).toMatchObject({ expected: 2, got: 1 });
  expect(lines.at(-1)).toBe('1 passed, 1 failed');
});

test('the command itself hands over', () => {
  expect(execFileSync('./porch', ['words', '-'], { input: 'a b c', encoding: 'utf8' })).toBe('3\n');
});

test('roster prints the plan of an import', () => {
  const people = file('people.json', '[{"id": 7, "email": null, "name": "Ines Marlow"}]');
  const csv = file('class.csv', 'Name;ID;Hat\r\n"Marlow, Ines";7;\r\nBram Dekker;8;\r\n;9;\r\n');
  const { status, out } = porch(['roster', csv, '--existing', people]);
  expect(status).toBe(0);
  expect(JSON.parse(out)).toEqual({
    rows: 3,
    made: [
      {
        row: 3,
        name: 'Bram Dekker',
        givenName: 'Bram',
        familyName: 'Dekker',
        email: null,
        id: '8',
        group: null,
        penName: null,
      },
    ],
    matched: [{ row: 2, name: 'Ines Marlow', by: 'id' }],
    refused: [{ row: 4, field: 'name', reason: 'there is no name' }],
    warnings: [{ row: 1, field: 'Hat', reason: 'this column is not known and is left alone' }],
  });
});

test.each([
  ['id\n7', [], 'no column is named name, given name or family name'],
  ['name\n"open', [], 'record 2 opens a quotation mark that is never closed'],
  ['name\nInes', ['--existing'], '--existing: a file should follow'],
  ['name\nInes', ['--existing', '/nowhere.json'], 'there is no such file'],
])('a roster that cannot be read ends with 2 and one line: %j', (csv, args, line) => {
  const { status, err } = porch(['roster', '-', ...args], csv);
  expect([status, err.trim().split('\n').length]).toEqual([2, 1]);
  expect(err).toContain(line);
});

import { describe, expect, test } from 'vitest';
import { isForTeachers, piecesOf, slatsOfKind, whyWaits, type Waiting } from './rules';

const nowhere = (reason: Waiting['reason']): Waiting => ({ reason, places: [] });
const at = (from: number, to: number): Waiting => ({ reason: 'links', places: [{ from, to }] });
const marked = (text: string, waiting: readonly Waiting[]) =>
  piecesOf(text, waiting)
    .map((piece) => (piece.marked ? `[${piece.text}]` : piece.text))
    .join('');

describe('the pieces of a comment', () => {
  test.each([
    ['grey sky', [], 'grey sky'],
    ['grey sky', [nowhere('shouting')], 'grey sky'],
    ['grey sky', [at(0, 4)], '[grey] sky'],
    ['grey sky', [at(5, 8)], 'grey [sky]'],
    ['grey sky', [at(0, 8)], '[grey sky]'],
    ['grey sky', [at(5, 8), at(0, 4)], '[grey] [sky]'],
    ['grey sky', [at(0, 6), at(4, 8)], '[grey s][ky]'],
    ['grey sky', [at(0, 8), at(2, 4)], '[grey sky]'],
    ['', [nowhere('all')], ''],
  ])('of “%s” with %j are %s', (text, waiting, pieces) => {
    expect(marked(text, waiting)).toBe(pieces);
    expect(marked(text, waiting).replaceAll(/[[\]]/g, '')).toBe(text);
  });
});

test('personal details and what comes from outside is for teachers alone', () => {
  expect(isForTeachers([])).toBe(false);
  expect(isForTeachers([nowhere('all'), nowhere('links')])).toBe(false);
  expect(isForTeachers([nowhere('links'), nowhere('personal')])).toBe(true);
  expect(isForTeachers([nowhere('outside')])).toBe(true);
});

test('a class that holds everything says so first, and what else there is to see', () => {
  const rules = { holdsAll: true, maxLinks: 0, words: [] };
  const said = {
    ...{ text: 'On www.cups.example', by: 'mate', at: 0, earlier: [], people: [] },
    ...{ country: 'IE', language: 'en' },
  };
  expect(whyWaits(said, rules).map(({ reason }) => reason)).toEqual(['all', 'links']);
  expect(whyWaits(said, { ...rules, holdsAll: false }).map(({ reason }) => reason)).toEqual(['links']);
  expect(whyWaits({ ...said, text: 'On the roof' }, { ...rules, holdsAll: false })).toEqual([]);
});

test('what came stands in its bay in the order in which it came, the latest twelve', () => {
  const came = [
    { state: 'shown', reasons: [nowhere('links')] },
    { state: 'keptBack', reasons: [nowhere('personal'), nowhere('links')] },
    { state: 'waits', reasons: [nowhere('fast')] },
    { state: 'waits', reasons: [nowhere('all')] },
  ] as const;
  expect(slatsOfKind('links', came)).toEqual(['met', 'gap']);
  expect(slatsOfKind('personal', came)).toEqual(['gap']);
  expect(slatsOfKind('hurry', came)).toEqual(['waits']);
  expect(slatsOfKind('words', came)).toEqual([]);
  const many = [...Array.from({ length: 20 }, () => came[0]), came[1]];
  expect(slatsOfKind('links', many)).toEqual([...Array.from({ length: 11 }, () => 'met'), 'gap']);
});

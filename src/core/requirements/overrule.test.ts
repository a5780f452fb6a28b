import { expect, test } from 'vitest';
import { readHtml } from '../document/html/readHtml';
import { evaluate } from './evaluate';
import { overrule } from './overrule';
import type { Requirement } from './requirement';

const REQUIREMENTS = [
  { id: 'w', kind: 'words', weight: 'required', points: 2, min: 2 },
  { id: 'p', kind: 'pictures', weight: 'required', points: 4, min: 1 },
  { id: 'b', kind: 'links', weight: 'bonus', points: 1, min: 1 },
  { id: 'j', kind: 'judged', weight: 'required', points: 1, text: 'explains why' },
] as unknown as readonly Requirement[];
const CONTEXT = {
  number: 1,
  title: '',
  date: null,
  week: null,
  language: 'en',
  timeZone: 'UTC',
  classLabels: [],
  starters: [],
  outline: [],
  requirements: REQUIREMENTS,
};
const counted = evaluate(CONTEXT, { title: '', labels: [], body: readHtml('<p>one two</p>') });

test('where nobody says otherwise, it stands', () => {
  expect(overrule(counted, REQUIREMENTS, {})).toEqual(counted);
});

test.each([
  ['what the machine did not find counts', { p: true }, 6, 0, 2],
  ['what it found does not', { w: false }, 0, 0, 0],
  ['a bonus is one', { b: true }, 2, 1, 1],
  ['what the eye looks for is said elsewhere', { j: true }, 2, 0, 1],
  ['what is not asked changes nothing', { gone: true }, 2, 0, 1],
] as const)('%s', (_, said, earned, bonus, met) => {
  const overrulings = Object.fromEntries(
    Object.entries(said).map(([id, isMet]) => [id, { met: isMet, reason: 'I looked.' }]),
  );
  expect(overrule(counted, REQUIREMENTS, overrulings)).toMatchObject({
    points: { earned, bonus, possible: 7 },
    required: { met, of: 3 },
  });
});

test('the machine’s line stays as it was', () => {
  const again = overrule(counted, REQUIREMENTS, { p: { met: true, reason: 'I looked.' } });
  expect(again.requirements.map((one) => one.message)).toEqual(
    counted.requirements.map((one) => one.message),
  );
});

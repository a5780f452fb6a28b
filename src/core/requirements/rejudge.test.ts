import { expect, test } from 'vitest';
import { readHtml } from '../document/html/readHtml';
import { evaluate } from './evaluate';
import { rejudge } from './rejudge';
import type { Requirement } from './requirement';

const REQUIREMENTS = [
  { id: 'w', kind: 'words', weight: 'required', points: 2, min: 2 },
  { id: 'j', kind: 'judged', weight: 'required', points: 4, partial: true, text: 'explains why' },
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

test('while nobody has looked it is provisional', () => {
  expect(counted).toMatchObject({ provisional: true, points: { earned: 2, possible: 6 } });
  expect(rejudge(counted, REQUIREMENTS, {})).toEqual(counted);
});

test.each([
  ['yes', 6, 2],
  ['partly', 4, 1],
  ['no', 2, 1],
] as const)('%s earns %d in all', (judgement, earned, met) => {
  expect(rejudge(counted, REQUIREMENTS, { j: judgement })).toMatchObject({
    provisional: false,
    required: { met, of: 2 },
    points: { earned, possible: 6 },
  });
});

test('what was counted stays, and a requirement that is gone weighs nothing', () => {
  const again = rejudge(counted, REQUIREMENTS.slice(0, 1), { j: 'yes' });
  expect(again.requirements).toEqual(counted.requirements);
  expect(again.points).toEqual({ earned: 2, possible: 2, bonus: 0 });
});

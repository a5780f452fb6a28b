import { expect, test } from 'vitest';
import { evaluate } from '../requirements/evaluate';
import type { AssignmentToCheck, Requirement } from '../requirements/requirement';
import { SAMPLES, samplePost } from './samplePost';

const REQUIREMENTS: readonly (Omit<Requirement, 'id' | 'weight'> & { readonly kind: string })[] = [
  { kind: 'words', min: 250, max: 450 },
  { kind: 'words', max: 300, excludeQuotations: true },
  { kind: 'paragraphs', min: 4, maxWordsEach: 60 },
  { kind: 'title', startsWith: '{number} ·', maxCharacters: 80 },
  {
    kind: 'parts',
    headings: [
      { text: 'Before', minWords: 40 },
      { text: 'After', minWords: 40 },
    ],
    inOrder: true,
  },
  { kind: 'pictures', min: 2, credit: true, description: true, licence: true, distinct: true, every: true },
  { kind: 'cover', distinct: true, description: true },
  { kind: 'links', min: 2, differentSites: 2, opens: true, descriptiveText: true, every: true },
  { kind: 'video', min: 1, introductionWords: 20 },
  { kind: 'document', min: 1, opens: true },
  { kind: 'labels', allOf: ['storm'], oneOf: [['harbour', 'farm']] },
  { kind: 'entries', min: 3, picture: true, title: true, minWords: 10, sequential: true },
  { kind: 'quotations', min: 2, source: true },
  { kind: 'table', min: 1, minRows: 3 },
  { kind: 'teaser', minCharacters: 40, maxCharacters: 200 },
  { kind: 'starters', min: 2, noneUnfinished: true },
  { kind: 'readingLevel', from: 5, to: 16 },
  { kind: 'selfCheck', text: 'I read it aloud' },
];

const assignment = (requirements: readonly object[]): AssignmentToCheck => ({
  number: 4,
  title: 'Storm interview',
  date: '2026-11-17',
  week: 47,
  language: 'en-GB',
  timeZone: 'Europe/Dublin',
  classLabels: ['storm', 'harbour', 'farm'],
  starters: ['The first thing they heard was …', 'Nobody knew that …'],
  outline: [],
  requirements: requirements.map((one, index) => ({
    id: `r${index}`,
    weight: 'required',
    points: 2,
    partial: true,
    ...one,
  })) as unknown as readonly Requirement[],
});
const states = (of: AssignmentToCheck, sample: (typeof SAMPLES)[number]) =>
  evaluate(of, samplePost(of, sample)).requirements;

test.each(REQUIREMENTS.map((one) => [one.kind, one] as const))(
  'a full sample meets %s by itself',
  (_, one) => {
    expect(states(assignment([one]), 'full')).toMatchObject([{ state: 'met' }]);
  },
);

test('samples rise from nothing to everything, all kinds together', () => {
  const together = assignment(
    REQUIREMENTS.filter((one) => !(one.kind === 'words' && !one['min'])).map((one) =>
      one.kind === 'words' ? { ...one, max: 2000 } : one,
    ),
  );
  const earned = SAMPLES.map((sample) => evaluate(together, samplePost(together, sample)).points.earned);
  expect(earned).toEqual([...earned].sort((one, other) => one - other));
  expect(new Set(earned).size).toBe(SAMPLES.length);
  expect(states(together, 'full').filter((one) => one.state !== 'met')).toEqual([]);
});

test('a middling sample has the usual faults', () => {
  const of = assignment([REQUIREMENTS[5]!, REQUIREMENTS[12]!]);
  expect(states(of, 'middling')).toMatchObject([{ state: 'partly' }, { state: 'partly' }]);
});

test('nothing is asked: there is nothing to do', () => {
  for (const sample of SAMPLES) expect(states(assignment([]), sample)).toEqual([]);
});

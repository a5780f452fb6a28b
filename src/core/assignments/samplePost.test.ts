import fc from 'fast-check';
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

const some = (least: number, most: number) =>
  fc.option(fc.integer({ min: least, max: most }), { nil: undefined });
const asked = fc.option(fc.constant(true), { nil: undefined });
const between = (least: number, most: number) =>
  fc
    .tuple(some(least, most), some(least, most))
    .map(([one, other]) =>
      one === undefined || other === undefined
        ? { min: one, max: other }
        : { min: Math.min(one, other), max: Math.max(one, other) },
    );
const AT_RANDOM: Readonly<Record<string, fc.Arbitrary<object>>> = {
  words: fc.record({ limits: between(0, 1500), tolerance: some(0, 20), excludeQuotations: asked }),
  paragraphs: fc.record({ limits: between(1, 20), maxWordsEach: some(5, 80) }),
  title: fc.record({
    startsWith: fc.constantFrom('{number} ·', 'Week {week}', '{date}: ', 'Sky'),
    maxCharacters: some(30, 80),
  }),
  starters: fc.record({ min: some(1, 2), noneUnfinished: asked }),
  entries: fc.record({ limits: between(1, 12), minWords: some(1, 60), title: asked, picture: asked }),
  labels: fc.record({
    allOf: fc.subarray(['storm', 'harbour']),
    oneOf: fc.subarray([
      ['farm', 'harbour'],
      ['storm', 'farm'],
    ]),
    min: some(1, 3),
  }),
  teaser: between(0, 300).map(({ min, max }) => ({ minCharacters: min, maxCharacters: max })),
  pictures: fc.record({
    limits: between(1, 8),
    credit: asked,
    description: asked,
    licence: asked,
    every: asked,
  }),
  video: fc.record({ limits: between(1, 5), introductionWords: some(1, 60) }),
  table: fc.record({ min: some(0, 4), minRows: some(1, 10) }),
  links: fc.record({ min: some(0, 8), differentSites: some(0, 6), opens: asked, every: asked }),
  quotations: fc.record({ min: some(0, 6), source: asked }),
  readingLevel: fc
    .tuple(fc.integer({ min: 4, max: 16 }), fc.integer({ min: 1, max: 6 }))
    .map(([from, years]) => ({ from, to: from + years })),
};

test.each(Object.entries(AT_RANDOM))('a full sample meets %s, whatever is asked of it', (kind, settings) => {
  fc.assert(
    fc.property(settings, (wanted) => {
      const { limits, ...others } = wanted as { readonly limits?: object };
      const all = Object.entries({ kind, ...limits, ...others }).filter(
        ([, value]) => (value as unknown) !== undefined,
      );
      expect(states(assignment([Object.fromEntries(all)]), 'full')).toMatchObject([{ state: 'met' }]);
    }),
    { numRuns: 60 },
  );
});

test('a teaser that may have no character at all is none', () => {
  expect(states(assignment([{ kind: 'teaser', maxCharacters: 0 }]), 'full')).toMatchObject([
    { state: 'met' },
  ]);
});

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

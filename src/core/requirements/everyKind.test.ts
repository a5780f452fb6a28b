import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyDocument } from '../../../tests/support/documents';
import { readHtml } from '../document/html/readHtml';
import { webAddresses } from '../document/webAddresses';
import type { Answer, RequirementAnswer } from './answer';
import { evaluate } from './evaluate';
import type { OpenResult, PostToCheck } from './post';
import { REQUIREMENT_KINDS } from './registry';
import type { AssignmentContext, Requirement } from './requirement';
import { titlePattern } from './titlePattern';

const ASSIGNMENT: AssignmentContext = {
  number: 7,
  title: 'Three skies',
  date: '2026-09-14',
  week: 38,
  language: 'en-GB',
  timeZone: 'UTC',
  classLabels: ['sky', 'sea'],
  starters: ['I noticed that …', 'a'],
  outline: ['What I saw'],
};

const count = fc.option(fc.nat(5), { nil: undefined });
const flag = fc.option(fc.constant(true), { nil: undefined });
const label = fc.constantFrom('sky', '#Sea', 'mud', 'S K Y');
const labels = fc.array(label, { maxLength: 3 });
const heading = fc.record({ text: fc.constantFrom('a', 'b.', '1) z'), minWords: count });

/** Settings of every kind, as a teacher may put them together. */
const SETTINGS: Readonly<Record<string, fc.Arbitrary<object>>> = {
  words: fc.record({
    min: count,
    max: count,
    tolerance: count,
    excludeHeadings: flag,
    excludeQuotations: flag,
  }),
  paragraphs: fc.record({ min: count, max: count, maxWordsEach: fc.integer({ min: 1, max: 4 }) }),
  title: fc.record({
    maxCharacters: count,
    startsWith: fc.constantFrom('{number} ·', '{week}', '{date}', '(('),
  }),
  parts: fc.record({ headings: fc.array(heading, { maxLength: 4 }), inOrder: flag }),
  pictures: fc.record({
    min: count,
    max: count,
    credit: flag,
    description: flag,
    licence: flag,
    distinct: flag,
    every: flag,
  }),
  cover: fc.record({ distinct: flag, description: flag }),
  links: fc.record({
    min: count,
    max: count,
    differentSites: count,
    opens: flag,
    descriptiveText: flag,
    every: flag,
  }),
  video: fc.record({ min: count, max: count, introductionWords: count }),
  document: fc.record({ min: count, opens: flag }),
  labels: fc.record({
    allOf: labels,
    oneOf: fc.array(labels, { maxLength: 2 }),
    max: count,
    classOnly: flag,
  }),
  entries: fc.record({
    min: count,
    max: count,
    picture: flag,
    title: flag,
    minWords: count,
    sequential: flag,
  }),
  quotations: fc.record({ min: count, source: flag }),
  table: fc.record({ min: count, minRows: count }),
  teaser: fc.record({ minCharacters: count, maxCharacters: count }),
  starters: fc.record({ min: count, noneUnfinished: flag }),
  spelling: fc.record({ maxUnknown: count }),
  readingLevel: fc.record({ from: fc.integer({ min: 3, max: 9 }), to: fc.integer({ min: 9, max: 25 }) }),
  ownWords: fc.record({ maxPercent: fc.nat(100) }),
  comments: fc.record({ min: count, minWords: count }),
  judged: fc.constant({ text: 'explains why' }),
  selfCheck: fc.constant({ text: 'I read it aloud' }),
};

const RESULTS: readonly OpenResult[] = ['opens', 'private', 'missing', 'unreachable'];
const result = fc.constantFrom(...RESULTS);
const speller = { knows: (word: string) => /^[abz]/i.test(word) };

/** A post with all, some or nothing of what is found out elsewhere. */
const anyPost: fc.Arbitrary<PostToCheck> = fc
  .record({
    title: fc.oneof(fc.constantFrom('7 · Fog', '14 September'), fc.string({ maxLength: 12 })),
    labels,
    body: anyDocument,
    teaser: fc.string({ maxLength: 9 }),
    cover: fc.option(fc.record({ src: fc.constantFrom('a.png', ''), description: fc.constantFrom('', 'x') })),
    results: fc.array(result, { maxLength: 8 }),
    others: fc.option(fc.array(anyDocument, { maxLength: 2 }), { nil: undefined }),
    commentsGiven: fc.option(
      fc.array(fc.record({ post: fc.constantFrom('p', 'q'), words: fc.nat(6) }), { maxLength: 3 }),
      { nil: undefined },
    ),
    judged: fc.constantFrom({}, { r: 'yes' as const }, { r: 'partly' as const }, { r: 'no' as const }),
    selfChecked: fc.constantFrom([], ['r'], ['another']),
    speller: fc.constantFrom(undefined, null, speller),
  })
  .map(({ results, others, commentsGiven, speller: given, ...post }) => ({
    ...post,
    openResults: resultsFor(post.body, results),
    ...(others ? { others: others.map((body, index) => ({ id: String(index), body })) } : {}),
    ...(commentsGiven ? { commentsGiven } : {}),
    ...(given === undefined ? {} : { speller: given }),
  }));

/** What was found out about the first addresses of a document; nothing about those after them. */
function resultsFor(body: PostToCheck['body'], results: readonly OpenResult[]): Record<string, OpenResult> {
  const looked = webAddresses(body).slice(0, results.length);
  return Object.fromEntries(looked.map((address, index) => [address, results[index]!]));
}

function requirementOf(kind: string, settings: object, worth: Partial<Requirement> = {}): Requirement {
  // A setting that is not asked for does not stand in a requirement at all.
  const asked = Object.entries(settings).filter(([, value]) => value !== undefined);
  const given = { id: 'r', kind, weight: 'required', points: 3, partial: true, ...worth };
  return { ...Object.fromEntries(asked), ...given } as unknown as Requirement;
}

const answerTo = (post: PostToCheck, ...requirements: readonly Requirement[]): Answer =>
  evaluate({ ...ASSIGNMENT, requirements }, post);
const oneAnswer = (post: PostToCheck, requirement: Requirement): RequirementAnswer =>
  answerTo(post, requirement).requirements[0]!;

test('settings of every kind are tried', () => {
  expect(Object.keys(SETTINGS).sort()).toEqual(REQUIREMENT_KINDS.map((kind) => kind.kind).sort());
});

describe.each(Object.entries(SETTINGS))('%s', (kind, settings) => {
  test('state, share and points tell the same', () => {
    fc.assert(
      fc.property(anyPost, settings, fc.boolean(), (post, asked, partial) => {
        const one = oneAnswer(post, requirementOf(kind, asked, { partial }));
        expect(one.share).toBeGreaterThanOrEqual(0);
        expect(one.share).toBeLessThanOrEqual(1);
        expect(one.state === 'unknown').toBe(one.reason !== null);
        if (one.state === 'met') expect([one.share, one.earned]).toEqual([1, one.possible]);
        if (one.state === 'unmet') expect([one.share, one.earned]).toEqual([0, 0]);
        if (one.state === 'unknown') expect(one.earned).toBe(0);
        if (one.state === 'partly' || one.state === 'over') {
          expect(one.earned).toBeLessThan(one.possible);
          if (!partial) expect(one.earned).toBe(0);
        }
      }),
      { numRuns: 150, endOnFailure: true },
    );
  });

  test('places lie in the post, and the same post gets the same answer again', () => {
    fc.assert(
      fc.property(anyPost, settings, (post, asked) => {
        const [first, again] = [requirementOf(kind, asked), requirementOf(kind, asked)];
        const answer = oneAnswer(post, first);
        expect(oneAnswer(post, again)).toEqual(answer);
        for (const { from, to } of answer.places) {
          expect(from).toBeGreaterThanOrEqual(0);
          expect(to).toBeGreaterThan(from);
          expect(to).toBeLessThanOrEqual(post.body.content.size);
        }
      }),
      { numRuns: 100, endOnFailure: true },
    );
  });

  test('advice has no points, a bonus adds some and never holds up', () => {
    fc.assert(
      fc.property(anyPost, settings, (post, asked) => {
        const advice = answerTo(post, requirementOf(kind, asked, { weight: 'advice' }));
        const bonus = answerTo(post, requirementOf(kind, asked, { weight: 'bonus' }));
        const required = answerTo(post, requirementOf(kind, asked));
        expect(advice.points).toEqual({ earned: 0, possible: 0, bonus: 0 });
        expect([advice.ready, advice.provisional, advice.required.of]).toEqual([true, false, 0]);
        expect(bonus.points).toEqual({ earned: 0, possible: 0, bonus: required.points.earned });
        expect([bonus.ready, bonus.required.of, required.required.of]).toEqual([true, 0, 1]);
        expect(required.ready).toBe(['met', 'unknown'].includes(required.requirements[0]!.state));
      }),
      { numRuns: 60, endOnFailure: true },
    );
  });
});

describe('what was not looked at', () => {
  const parts = fc.array(
    fc.constantFrom(
      '<p><a href="https://a.example/1">the pier</a></p>',
      '<p><a href="https://a.example/2">here</a></p>',
      '<p><a href="https://b.example/">tide tables</a></p>',
      '<p><a href="https://www.b.example/x">a map</a></p>',
      '<a data-document href="https://c.example/1">Notes</a>',
      '<a data-document href="https://c.example/2">Draft</a>',
    ),
    { maxLength: 6 },
  );

  test.each(['links', 'document'])('%s: is unknown just while it could still make it met', (kind) => {
    fc.assert(
      fc.property(parts, fc.array(result, { maxLength: 6 }), SETTINGS[kind]!, (html, results, asked) => {
        const body = readHtml(html.join(''));
        const found = resultsFor(body, results);
        const best = Object.fromEntries(
          webAddresses(body).map((address) => {
            const known = found[address];
            return [address, known === undefined || known === 'unreachable' ? 'opens' : known];
          }),
        );
        const now = oneAnswer(
          { title: '', labels: [], body, openResults: found },
          requirementOf(kind, asked),
        );
        const later = oneAnswer(
          { title: '', labels: [], body, openResults: best },
          requirementOf(kind, asked),
        );
        expect(now.share).toBeLessThanOrEqual(later.share);
        if (now.state === 'met' || now.state === 'over') expect(later.state).toBe(now.state);
        else expect(now.state === 'unknown').toBe(later.state === 'met');
      }),
      { numRuns: 500, endOnFailure: true },
    );
  });
});

describe('a title', () => {
  const text = fc.constantFrom('Rain log', 'Café', 'L’été', 'Straße', 'day', 'Небо');
  const field = fc.constantFrom('{number}', '{week}', '{date}');
  const between = fc.constantFrom(' · ', ': ', ' – ', ' ', ' | ', '. ');
  const pattern = fc
    .array(fc.oneof(text, field), { minLength: 1, maxLength: 3 })
    .chain((pieces) => between.map((sign) => pieces.join(sign)));

  test('that is what the railing shows begins as it must, whatever its signs and letters', () => {
    fc.assert(
      fc.property(pattern, between, fc.constantFrom('', '# ', '🌧️ ', '– '), (written, sign, before) => {
        const read = titlePattern(written, ASSIGNMENT);
        const { example } = read;
        const others = example.replace(/ · |: | – | \| |\. /gu, sign);
        for (const title of [example, `${before}${example}`, others.toUpperCase(), `${example} · fog`]) {
          expect([title, read.begins(title)]).toEqual([title, true]);
          expect(read.firstMissing(title)).toBe('text');
        }
        expect(read.begins(`x${example}`)).toBe(false);
      }),
      { numRuns: 300, endOnFailure: true },
    );
  });
});

import fc from 'fast-check';
import { comparableText } from '../../src/core/alike/comparable';
import { webAddresses } from '../../src/core/document/webAddresses';
import type { Answer, RequirementAnswer } from '../../src/core/requirements/answer';
import { evaluate } from '../../src/core/requirements/evaluate';
import type { OpenResult, PostToCheck } from '../../src/core/requirements/post';
import type { AssignmentContext, Requirement } from '../../src/core/requirements/requirement';
import { anyDocument } from './documents';

export const ASSIGNMENT: AssignmentContext = {
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
export const SETTINGS: Readonly<Record<string, fc.Arbitrary<object>>> = {
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
    startsWith: fc.constantFrom('{number} ·', '{week}', '{date}', '((', undefined),
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
export const result = fc.constantFrom(...RESULTS);
const speller = { knows: (word: string) => /^[abz]/i.test(word) };

/** A post with all, some or nothing of what is found out elsewhere. */
export const anyPost: fc.Arbitrary<PostToCheck> = fc
  .record({
    title: fc.oneof(fc.constantFrom('7 · Fog', '14 September', ''), fc.string({ maxLength: 12 })),
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
    ...(others
      ? { others: others.map((body, index) => ({ id: String(index), words: comparableText(body) })) }
      : {}),
    ...(commentsGiven ? { commentsGiven } : {}),
    ...(given === undefined ? {} : { speller: given }),
  }));

/** What was found out about the first addresses of a document; nothing about those after them. */
export function resultsFor(
  body: PostToCheck['body'],
  results: readonly OpenResult[],
): Record<string, OpenResult> {
  const looked = webAddresses(body).slice(0, results.length);
  return Object.fromEntries(looked.map((address, index) => [address, results[index]!]));
}

export function requirementOf(kind: string, settings: object, worth: Partial<Requirement> = {}): Requirement {
  // A setting that is not asked for does not stand in a requirement at all.
  const asked = Object.entries(settings).filter(([, value]) => value !== undefined);
  const given = { id: 'r', kind, weight: 'required', points: 3, partial: true, ...worth };
  return { ...Object.fromEntries(asked), ...given } as unknown as Requirement;
}

export const answerTo = (post: PostToCheck, ...requirements: readonly Requirement[]): Answer =>
  evaluate({ ...ASSIGNMENT, requirements }, post);
export const oneAnswer = (post: PostToCheck, requirement: Requirement): RequirementAnswer =>
  answerTo(post, requirement).requirements[0]!;

import fc from 'fast-check';
import { expect, test } from 'vitest';
import { readHtml } from '../document/html/readHtml';
import { documentSchema } from '../document/schema';
import { evaluate } from './evaluate';
import type { PostToCheck } from './post';
import type { AssignmentToCheck, Requirement } from './requirement';

const KINDS: readonly object[] = [
  { kind: 'words', min: 20, max: 60, excludeQuotations: true },
  { kind: 'paragraphs', min: 3, maxWordsEach: 4 },
  { kind: 'parts', headings: [{ text: 'Grey', minWords: 3 }, { text: 'Blue' }], inOrder: true },
  { kind: 'starters', min: 1, noneUnfinished: true },
  { kind: 'pictures', min: 1, description: true, distinct: true, every: true },
  { kind: 'cover', distinct: true },
  { kind: 'video', min: 1, introductionWords: 5 },
  { kind: 'links', min: 1, differentSites: 2, descriptiveText: true, every: true },
  { kind: 'document', min: 1, opens: true },
  { kind: 'quotations', min: 1, source: true },
  { kind: 'table', min: 1, minRows: 2 },
  { kind: 'entries', min: 2, picture: true, title: true, minWords: 2, sequential: true },
  { kind: 'spelling', maxUnknown: 1 },
  { kind: 'readingLevel', from: 9, to: 14 },
];

const ASSIGNMENT: AssignmentToCheck = {
  number: 2,
  title: 'Three skies',
  date: null,
  week: null,
  language: 'en-GB',
  timeZone: 'Europe/Dublin',
  classLabels: [],
  starters: ['I noticed that …'],
  outline: ['Grey'],
  requirements: KINDS.map((settings, index) => ({
    id: `r${index}`,
    weight: 'required',
    points: 2,
    partial: true,
    ...settings,
  })) as unknown as readonly Requirement[],
};

const BLOCKS = [
  '<p>One grey day.</p>',
  '<p>I noticed that …</p>',
  '<p>I noticed that it rained and rained and qwertz.</p>',
  '<p>Look at <a href="https://one.example/a">the tide tables</a> and <a href="https://two.example">here</a>.</p>',
  '<h2>1. Grey</h2>',
  '<h2>Blue</h2>',
  '<h3>2. Later</h3>',
  '<h2 data-outline>Grey</h2>',
  '<figure><img src="p1" alt="a sky"><figcaption>Sky <cite>Ines</cite></figcaption></figure>',
  '<figure><img src="cover" alt=""></figure>',
  '<blockquote><p>Red at night.</p><h2>3. In there</h2><cite>a saying</cite></blockquote>',
  '<blockquote><p>So they say.</p></blockquote>',
  '<ul><li>one <a href="https://one.example/a">more</a></li><li>two</li></ul>',
  '<table><tr><td>a</td></tr><tr><td>b c</td></tr></table>',
  '<figure data-video="https://films.example/1"></figure>',
  '<a data-document href="https://papers.example/1">Notes</a>',
].map((html) => readHtml(html).child(0));

const speller = { knows: (word: string) => word !== 'qwertz' };
const post = (body: PostToCheck['body']): PostToCheck => ({
  title: 'Skies',
  labels: [],
  body,
  cover: { src: 'cover', description: '' },
  speller,
});

/** Blocks by their numbers, after a few of them were taken out and others put in. */
const edit = fc.record({
  at: fc.nat(12),
  out: fc.nat(2),
  put: fc.array(fc.nat(BLOCKS.length - 1), { maxLength: 3 }),
});

test('what is remembered from key to key gives the same answer as reading the whole anew', () => {
  fc.assert(
    fc.property(fc.array(edit, { minLength: 1, maxLength: 14 }), (edits) => {
      let blocks: readonly number[] = [0];
      for (const { at, out, put } of edits) {
        blocks = blocks.toSpliced(Math.min(at, blocks.length), out, ...put);
        const body = documentSchema.node(
          'doc',
          null,
          blocks.length ? blocks.map((one) => BLOCKS[one]!) : BLOCKS[0],
        );
        const anew = documentSchema.nodeFromJSON(body.toJSON());
        expect(evaluate(ASSIGNMENT, post(body))).toEqual(evaluate(structuredClone(ASSIGNMENT), post(anew)));
      }
    }),
    { numRuns: 150 },
  );
});

test('what stands beside the text is seen too', () => {
  const body = documentSchema.node('doc', null, [BLOCKS[8]!, BLOCKS[15]!]);
  const state = (kind: string, more: Partial<PostToCheck>) =>
    evaluate(ASSIGNMENT, { ...post(body), ...more }).requirements.find((one) => one.kind === kind)?.state;
  expect(state('document', {})).toBe('unknown');
  expect(state('document', { openResults: { 'https://papers.example/1': 'opens' } })).toBe('met');
  expect(state('document', { openResults: { 'https://papers.example/1': 'private' } })).toBe('unmet');
  expect(state('cover', {})).toBe('met');
  expect(state('cover', { cover: { src: 'p1', description: '' } })).toBe('partly');
  expect(state('cover', { cover: null })).toBe('unmet');
  expect(state('spelling', { speller: null })).toBe('unknown');
});

import { describe, expect, test } from 'vitest';
import { comparableText } from '../alike/comparable';
import { readHtml } from '../document/html/readHtml';
import type { RequirementAnswer } from './answer';
import { evaluate } from './evaluate';
import type { PostToCheck } from './post';
import type { AssignmentContext, Requirement } from './requirement';

interface Given extends Partial<Omit<PostToCheck, 'body'>> {
  readonly html?: string;
  readonly assignment?: Partial<AssignmentContext>;
}
type Expected = Partial<Record<keyof RequirementAnswer, unknown>>;

const ASSIGNMENT: AssignmentContext = {
  number: 2,
  title: 'Three skies',
  date: null,
  week: null,
  language: 'en-GB',
  timeZone: 'UTC',
  classLabels: [],
  starters: ['I noticed that …', 'What surprised me was …'],
  outline: ['What I saw'],
};

function answer(settings: object, { html = '', assignment = {}, ...found }: Given): RequirementAnswer {
  const requirement = { id: 'r', weight: 'required', points: 1, ...settings } as unknown as Requirement;
  const post = { title: '', labels: [], body: readHtml(html), ...found };
  return evaluate({ ...ASSIGNMENT, ...assignment, requirements: [requirement] }, post).requirements[0]!;
}

type Case = readonly [settings: object, given: Given, expected: Expected];

function cases(kind: string, list: readonly Case[]): void {
  describe(kind, () => {
    test.each(list)('%j of %j', (settings, given, expected) => {
      expect(answer({ kind, ...settings }, given)).toMatchObject(expected);
    });
  });
}

const words = (count: number) => Array.from({ length: count }, (_, index) => `word${index}`).join(' ');

cases('words', [
  [{ max: 25, tolerance: 16 }, { html: `<p>${words(29)}</p>` }, { state: 'met', share: 1 }],
  [{ max: 25, tolerance: 16 }, { html: `<p>${words(30)}</p>` }, { state: 'over', share: 0.8333 }],
  [{ min: 20, tolerance: 85 }, { html: `<p>${words(3)}</p>` }, { state: 'met', measured: 3 }],
  [{ min: 20, tolerance: 85 }, { html: `<p>${words(2)}</p>` }, { state: 'partly', share: 0.1 }],
  [{ min: 10, tolerance: 2.5 }, { html: `<p>${words(9)}</p>` }, { state: 'partly', share: 0.9 }],
  [{ min: 1 }, { html: '<p>1\u20E3 &amp; ☂ – …</p>' }, { state: 'unmet', measured: 0 }],
  [{ max: 0 }, { html: '<p>one</p>' }, { state: 'over', share: 0 }],
  [{ max: 0 }, {}, { state: 'met', share: 1 }],
  [
    { min: 4, excludeQuotations: true, excludeHeadings: true },
    { html: '<h2>Two words</h2><blockquote><p>three quoted words</p></blockquote><p>one two</p>' },
    { state: 'partly', measured: 2, share: 0.5, target: { min: 4 } },
  ],
  [
    { min: 2, max: 3 },
    {
      title: 'Never counted',
      teaser: 'nor this',
      html: '<figure><img src="a" alt="not this"><figcaption>nor this <cite>or that</cite></figcaption></figure><p>one</p>',
    },
    { state: 'partly', measured: 1, target: { min: 2, max: 3 } },
  ],
]);

cases('title', [
  [{ maxCharacters: 3 }, { title: ' 👩‍🚀e\u0301a ' }, { state: 'met', measured: 3, target: { max: 3 } }],
  [{ maxCharacters: 4, startsWith: '{number} ·' }, { title: '2 fog' }, { state: 'over', share: 0.9 }],
  [{ maxCharacters: 9, startsWith: '{number} ·' }, { title: 'fog' }, { state: 'partly', share: 0.5 }],
  [{ startsWith: 'Straße' }, { title: 'STRAẞE im Nebel' }, { state: 'met' }],
  [{ startsWith: '{number} ·' }, {}, { state: 'unmet', measured: 0, target: {} }],
]);

const figure = (src: string, { alt = '', credit = '', licence = '' } = {}) =>
  `<figure><img src="${src}" alt="${alt}"${licence && ` data-licence="${licence}"`}><figcaption>Sky <cite>${credit}</cite></figcaption></figure>`;
cases('pictures', [
  [{ credit: true }, {}, { state: 'unmet', measured: 0, share: 0 }],
  [{ max: 2 }, {}, { state: 'met', measured: 0, share: 1 }],
  [
    { min: 2, credit: true },
    { html: figure('a', { credit: 'Uma' }) + figure('b') },
    { state: 'partly', measured: 1, share: 0.5, places: [{ reason: 'credit' }] },
  ],
  [
    { min: 1, credit: true, every: true },
    { html: figure('a', { credit: 'Uma' }) + figure('b') },
    { state: 'partly', measured: 1, share: 0.75 },
  ],
  [{ min: 2, max: 2 }, { html: figure('a') + figure('b') + figure('c') }, { state: 'over', share: 0.6667 }],
  [
    { min: 3, max: 1, credit: true },
    { html: figure('a', { credit: 'Uma' }) + figure('b') },
    { state: 'over', measured: 1, share: 0.3333 },
  ],
  [{ min: 2, distinct: true }, { html: figure('a') + figure('a') }, { measured: 1, share: 0.5 }],
  [
    // The first of two alike lacks its credit; the second is alike to it all the same.
    { min: 1, distinct: true, credit: true },
    { html: figure('a') + figure('a', { credit: 'Uma' }) },
    { state: 'unmet', measured: 0, places: [{ reason: 'credit' }, { reason: 'alike' }] },
  ],
  [
    { min: 2, distinct: true },
    {
      html: figure('a') + figure('b'),
      pictureHashes: { a: '0000000000000000', b: '000000000000003f' },
    },
    { measured: 1 },
  ],
  [
    { min: 2, distinct: true },
    {
      html: figure('a') + figure('b'),
      pictureHashes: { a: '0000000000000000', b: '000000000000007f' },
    },
    { measured: 2 },
  ],
  [
    { min: 1, description: true, licence: true },
    { html: figure('a', { alt: ' ', licence: 'free' }) },
    { state: 'unmet', places: [{ reason: 'description' }] },
  ],
]);

const link = (address: string, text = 'tide tables') => `<p><a href="${address}">${text}</a></p>`;
const opened = (...addresses: string[]) => ({
  openResults: Object.fromEntries(addresses.map((address) => [address, 'opens' as const])),
});
cases('links', [
  [
    { min: 2 },
    { html: link('https://a.example/x#one') + link('HTTPS://A.example:443/x#two') },
    { state: 'partly', measured: 1, share: 0.5 },
  ],
  [{ min: 1 }, { html: link('#part') + link('mailto:me@example.org') }, { state: 'unmet', measured: 0 }],
  [
    { min: 1, descriptiveText: true },
    { html: link('https://a.example/x', 'here') + link('https://a.example/x', 'tide tables') },
    { state: 'met', measured: 1 },
  ],
  [
    { min: 1, opens: true },
    { html: link('https://a.example/'), openResults: { 'https://a.example/': 'private' } },
    { state: 'unmet', measured: 0, places: [{ reason: 'private' }] },
  ],
  [
    { min: 2, opens: true },
    { html: link('https://a.example/') + link('https://b.example/'), ...opened('https://a.example/') },
    { state: 'unknown', reason: 'network', measured: 1, share: 0.5, earned: 0 },
  ],
  [
    // One that nobody looked at cannot make two of three.
    { min: 3, opens: true },
    { html: link('https://a.example/') + link('https://b.example/'), ...opened('https://a.example/') },
    { state: 'partly', reason: null, measured: 1, share: 0.3333 },
  ],
  [
    { min: 1, opens: true, every: true },
    { html: link('https://a.example/') + link('https://b.example/'), ...opened('https://a.example/') },
    { state: 'unknown', reason: 'network', share: 0.75 },
  ],
  [
    { differentSites: 2 },
    { html: link('https://www.a.example/1') + link('https://a.example/2') },
    { state: 'partly', share: 0.5 },
  ],
  [
    { max: 1, opens: true },
    { html: link('https://a.example/') + link('https://b.example/') },
    { state: 'over', measured: 0 },
  ],
  [
    { min: 1 },
    {
      html: '<figure><img src="a"><figcaption>By <a href="https://a.example/">the pier</a></figcaption></figure>',
    },
    { state: 'met' },
  ],
  [{ min: 1 }, { html: '<a data-document href="https://a.example/">Notes</a>' }, { state: 'unmet' }],
]);

cases('labels', [
  [{ allOf: ['Three skies', 'cirrus'] }, { labels: ['#three_SKIES'] }, { state: 'partly', share: 0.5 }],
  [{ oneOf: [['cirrus', 'stratus'], ['sea']] }, { labels: ['Stratus'] }, { share: 0.5 }],
  [{ max: 1 }, { labels: ['sky', ' S-K-Y '] }, { state: 'met', measured: 1 }],
  [{ max: 1 }, { labels: ['sky', 'sea'] }, { state: 'over', share: 0.5 }],
  [{ classOnly: true }, { assignment: { classLabels: ['sky'] } }, { state: 'unmet', share: 0 }],
  [
    { classOnly: true },
    { labels: ['Sky', 'mud'], assignment: { classLabels: ['sky'] } },
    { state: 'partly', share: 0.5, message: { key: 'foreign' } },
  ],
]);

cases('paragraphs', [
  [{ min: 2 }, { html: '<p>a</p><p>…</p><p> </p><p>b</p>' }, { state: 'met', measured: 2 }],
  [
    { min: 2 },
    { html: '<ul><li>a</li></ul><blockquote><p>b</p></blockquote><p>c</p>' },
    { state: 'partly', measured: 1, share: 0.5 },
  ],
  [{ max: 1 }, { html: '<p>a</p><p>b</p>' }, { state: 'over', share: 0.5 }],
  [{ max: 1 }, {}, { state: 'met', measured: 0 }],
  [{ maxWordsEach: 2 }, { html: '<p>one two</p><p>one two three</p>' }, { state: 'partly', share: 0.5 }],
  [{ maxWordsEach: 2 }, {}, { state: 'unmet', share: 0 }],
  [
    { min: 1, maxWordsEach: 2 },
    { html: '<p>one two three</p>' },
    {
      state: 'partly',
      share: 0.5,
      message: {
        key: 'long',
        values: { long: 1, most: 2, measured: 1, min: 1, max: 0, toGo: 0, tooMany: 0 },
      },
    },
  ],
]);

cases('parts', [
  [
    { headings: [{ text: 'Question' }] },
    { html: '<h2>1) Question?</h2>' },
    { state: 'met', measured: 1, target: { min: 1 } },
  ],
  [{ headings: [{ text: 'Question' }] }, { html: '<h3>QUÉSTION:</h3>' }, { state: 'met' }],
  [{ headings: [{ text: '1.5 hours' }] }, { html: '<h2>1.5 hours</h2>' }, { state: 'met' }],
  [{ headings: [{ text: '3' }] }, { html: '<h2>3.</h2>' }, { state: 'met' }],
  [{ headings: [{ text: 'Frage' }] }, { html: '<h2>1.) Frage</h2>' }, { state: 'met' }],
  [{ headings: [{ text: '2 – Answer' }] }, { html: '<h2>Answer …</h2>' }, { state: 'met' }],
  [{ headings: [{ text: 'Answer' }] }, { html: '<h2>2 Answer</h2>' }, { state: 'unmet', places: [] }],
  [
    { headings: [{ text: 'Rain', minWords: 4 }] },
    { html: '<h2>Rain</h2><p>one two</p><h2>Hail</h2><p>three four</p>' },
    { state: 'partly', share: 0.5, places: [{ from: 0, to: 15, reason: 'short' }] },
  ],
  [
    { headings: [{ text: 'Rain', minWords: 4 }] },
    { html: '<h2>Rain</h2><p>one two</p><h3>Deeper</h3><p>three four</p>' },
    { state: 'met' },
  ],
  [
    { headings: [{ text: 'Rain' }, { text: 'Hail' }] },
    { html: '<h2>Hail</h2><h2>Rain</h2>' },
    { state: 'met' },
  ],
  [
    { headings: [{ text: 'Rain' }, { text: 'Hail' }], inOrder: true },
    { html: '<h2>Hail</h2><h2>Rain</h2>' },
    { state: 'partly', measured: 1, places: [{ from: 0, to: 6, reason: 'misplaced' }] },
  ],
  [
    { headings: [{ text: 'a' }, { text: 'b' }, { text: 'c' }], inOrder: true },
    { html: '<h2>c</h2><h2>a</h2><h2>b</h2>' },
    { state: 'partly', measured: 2, share: 0.6667 },
  ],
  [{ headings: [] }, {}, { state: 'met', measured: 0 }],
]);

cases('cover', [
  [{}, {}, { state: 'unmet', measured: 0, target: { min: 1 } }],
  [{}, { cover: { src: 'a', description: '' } }, { state: 'met', measured: 1 }],
  [{ description: true }, { cover: { src: 'a', description: ' ' } }, { state: 'partly', share: 0.5 }],
  [{ distinct: true, description: true }, { cover: null }, { state: 'unmet', share: 0 }],
  [
    { distinct: true },
    { cover: { src: 'a', description: '' }, html: '<figure><img src="a"></figure>' },
    { state: 'partly', share: 0.5, message: { key: 'alike', values: {} } },
  ],
  [
    { distinct: true },
    {
      cover: { src: 'a', description: '' },
      html: '<figure><img src="b"></figure>',
      pictureHashes: { a: 'ff00ff00ff00ff00', b: 'ff00ff00ff00ff3f' },
    },
    { state: 'partly' },
  ],
  [
    { distinct: true },
    {
      cover: { src: 'a', description: '' },
      html: '<figure><img src="b"></figure>',
      pictureHashes: { a: 'ff00ff00ff00ff00', b: '00ff00ff00ff00ff' },
    },
    { state: 'met' },
  ],
]);

const VIDEO = '<figure data-video="https://video.example/1"></figure>';
cases('video', [
  [{ min: 1 }, { html: VIDEO }, { state: 'met', measured: 1 }],
  [{ max: 1 }, { html: VIDEO + VIDEO }, { state: 'over', share: 0.5 }],
  [{ introductionWords: 4 }, {}, { state: 'unmet', share: 0 }],
  [
    { introductionWords: 4 },
    { html: `<p>one two</p>${VIDEO}<p>three four</p>` },
    { state: 'partly', share: 0.5 },
  ],
  [{ introductionWords: 2 }, { html: `<h2>Look</h2><ul><li>here</li></ul>${VIDEO}` }, { state: 'met' }],
]);

const shared = (address: string) => `<a data-document href="${address}">Notes</a>`;
cases('document', [
  [{ min: 1 }, { html: shared('https://docs.example/1') }, { state: 'met', measured: 1 }],
  [
    { min: 2 },
    { html: shared('https://docs.example/1') + shared('https://DOCS.example/1#x') },
    { state: 'partly', measured: 1 },
  ],
  [
    { min: 1, opens: true },
    { html: shared('https://docs.example/1') },
    { state: 'unknown', reason: 'network', share: 0, earned: 0 },
  ],
  [
    { min: 1, opens: true },
    { html: shared('https://docs.example/1'), openResults: { 'https://docs.example/1': 'unreachable' } },
    { state: 'unknown' },
  ],
  [
    { min: 1, opens: true },
    { html: shared('https://docs.example/1'), openResults: { 'https://docs.example/1': 'private' } },
    { state: 'unmet', places: [{ reason: 'private' }] },
  ],
  [{ opens: true }, {}, { state: 'unmet' }],
  [
    { opens: true },
    { html: shared('https://docs.example/1'), openResults: { 'HTTPS://docs.example:443/1': 'opens' } },
    { state: 'met' },
  ],
]);

const quoted = (source: string) => `<blockquote><p>So it goes.</p>${source}</blockquote>`;
cases('quotations', [
  [{ min: 1 }, { html: quoted('') }, { state: 'met' }],
  [{ min: 1, source: true }, { html: quoted('<cite> </cite>') }, { state: 'unmet' }],
  [
    { source: true },
    { html: quoted('<cite>Almanac</cite>') + quoted('') },
    { state: 'partly', share: 0.5, measured: 1 },
  ],
  [{ source: true }, {}, { state: 'unmet' }],
  [
    { min: 2 },
    { html: `<blockquote><p>a</p>${quoted('<cite>Almanac</cite>')}</blockquote>` },
    { state: 'partly', measured: 1 },
  ],
  [
    { min: 1, source: true },
    { html: `<blockquote><p>a</p>${quoted('<cite>Almanac</cite>')}</blockquote>` },
    { state: 'unmet' },
  ],
]);

const tableOf = (rows: number) => `<table>${'<tr><td>a</td></tr>'.repeat(rows)}</table>`;
cases('table', [
  [{ min: 1 }, { html: tableOf(1) }, { state: 'met' }],
  [{ min: 1, minRows: 3 }, { html: tableOf(2) }, { state: 'unmet', measured: 0 }],
  [{ minRows: 2 }, { html: tableOf(2) + tableOf(1) }, { state: 'partly', share: 0.5 }],
  [
    { minRows: 2 },
    {
      html: '<table><caption>x</caption><thead><tr><th>a</th></tr></thead><tbody><tr><td>b</td></tr></tbody></table>',
    },
    { state: 'met' },
  ],
]);

cases('teaser', [
  [{ minCharacters: 4 }, { teaser: ' 👩‍🚀e\u0301 ' }, { state: 'partly', measured: 2, share: 0.5 }],
  [{ maxCharacters: 3 }, { teaser: 'four' }, { state: 'over', share: 0.75 }],
  [{ maxCharacters: 3 }, {}, { state: 'met', measured: 0 }],
  [{ minCharacters: 1, maxCharacters: 9 }, { teaser: 'fine' }, { state: 'met', target: { min: 1, max: 9 } }],
]);

cases('entries', [
  [{ min: 2 }, { html: '<h2>1 Rain</h2><h2>No. 2: Hail</h2>' }, { state: 'met', measured: 2 }],
  [
    { min: 1 },
    {
      html: '<h2>14 September</h2><h2>10:30 walk</h2><h2>2026-09-14</h2><h2>1.5 hours</h2><h2>3 4</h2><h2>1000 drops</h2><h2>3rd</h2>',
    },
    { state: 'unmet', measured: 0 },
  ],
  [{ min: 1, title: true }, { html: '<h2>1. 14 September</h2>' }, { state: 'met', measured: 1 }],
  [{ min: 1 }, { html: '<h2>14. September</h2>' }, { state: 'met' }],
  [{ min: 1 }, { html: '<h2>14. September</h2>', assignment: { language: 'de' } }, { state: 'unmet' }],
  [{ min: 3 }, { html: '<h2>☁️ Day 1</h2><h2>#2</h2><h2>Entry no. 3 – Fog</h2>' }, { state: 'met' }],
  [{ min: 1 }, { html: '<h2>Eintrag 1: Nebel</h2>', assignment: { language: 'de-AT' } }, { state: 'met' }],
  [{ min: 1 }, { html: '<h2>Entrée n° 1</h2>', assignment: { language: 'fr' } }, { state: 'met' }],
  [{ min: 2 }, { html: '<h3>1 a</h3><h2>2 b</h2><h3>3 c</h3>' }, { state: 'met', measured: 2 }],
  [
    { title: true },
    { html: '<h2>1. ☁️</h2><h2>2. Fog</h2>' },
    {
      state: 'partly',
      share: 0.5,
      message: {
        key: 'incomplete',
        values: { measured: 1, all: 2, min: 0, max: 0, toGo: 0, number: 1, lack: 'title' },
      },
    },
  ],
  [
    { min: 2, picture: true },
    { html: '<h2>1</h2><figure><img src="a"></figure><h2>2</h2><p>x</p>' },
    { state: 'partly', measured: 1, share: 0.5 },
  ],
  [
    { min: 2, minWords: 2 },
    { html: '<h2>1</h2><p>a b</p><h3>more</h3><h2>2</h2><p>a</p>' },
    { state: 'partly', measured: 1 },
  ],
  [{ sequential: true }, { html: '<h2>3</h2><h2>2</h2><h2>1</h2>' }, { state: 'met', share: 1 }],
  [
    { sequential: true },
    { html: '<h2>1</h2><h2>3</h2><h2>2</h2>' },
    { state: 'partly', share: 0.5, message: { key: 'order' } },
  ],
  [
    { sequential: true },
    { html: '<h2>1</h2><h2>2</h2><h2>4</h2>' },
    { share: 0.75, message: { key: 'gap', values: { number: 3 } } },
  ],
  [
    { sequential: true },
    { html: '<h2>1</h2><h2>2</h2><h2>2</h2>' },
    { share: 0.6667, places: [{ reason: 'twice' }] },
  ],
  [{ min: 3, sequential: true }, { html: '<h2>1</h2><h2>2</h2><h2>2</h2>' }, { measured: 3, share: 0.8333 }],
  [{ sequential: true }, {}, { state: 'unmet', share: 0 }],
  [{ max: 2 }, { html: '<h2>1</h2><h2>2</h2><h2>3</h2>' }, { state: 'over' }],
]);

cases('starters', [
  [{ min: 1 }, { html: '<p>Today I NOTICED that the fog came.</p>' }, { state: 'met', measured: 1 }],
  [{ min: 1 }, { html: '<p>I noticed thatch.</p>' }, { state: 'unmet' }],
  [
    { min: 2, noneUnfinished: true },
    { html: '<p>I noticed that it rained.</p><p>What surprised me was …</p>' },
    { state: 'partly', measured: 2, share: 0.75 },
  ],
  [{ noneUnfinished: true }, { html: '<p>I noticed that</p>' }, { state: 'unmet', measured: 1, share: 0 }],
  [{ noneUnfinished: true }, { html: '<p>I noticed that!</p>' }, { share: 0 }],
  [{ noneUnfinished: true }, { html: '<p>I noticed that ... it rained</p>' }, { share: 0 }],
  [{ noneUnfinished: true }, { html: '<p>I noticed that it rained …</p>' }, { share: 1 }],
  [{ noneUnfinished: true }, {}, { state: 'unmet', share: 0 }],
  [{ min: 1 }, { html: '<p>I noticed<br>that</p>' }, { state: 'met' }],
  [{ min: 1 }, { html: '<pre>I noticed that</pre>' }, { state: 'unmet' }],
]);

const ROW = 'the fog came in from the sea at';
const other = (html: string) => ({ others: [{ id: 'o', words: comparableText(readHtml(html)) }] });
cases('ownWords', [
  [{ maxPercent: 20 }, { html: `<p>${ROW}</p>` }, { state: 'unknown', reason: 'server', measured: null }],
  [{ maxPercent: 20 }, { html: `<p>${ROW}</p>`, others: [] }, { state: 'met', measured: 0 }],
  [{ maxPercent: 20 }, { others: [] }, { state: 'unmet', share: 0, measured: 0 }],
  [
    // 14 of 200 are 7 per cent and no more, whatever binary fractions make of it.
    { maxPercent: 7 },
    {
      html: `<p>${ROW} night nobody saw where it began ${words(186)}</p>`,
      ...other(`<p>${ROW} night nobody saw where it began</p>`),
    },
    { state: 'met', measured: 7 },
  ],
  [
    { maxPercent: 50 },
    { html: `<p>${ROW} ${words(8)}</p>`, ...other(`<p>${ROW}</p>`) },
    { state: 'met', measured: 50 },
  ],
  [
    { maxPercent: 25 },
    { html: `<p>${ROW} ${words(8)}</p>`, ...other(`<p>${ROW}</p>`) },
    { state: 'over', share: 0.5 },
  ],
  [
    { maxPercent: 0 },
    { html: '<p>the fog came in from the sea</p>', ...other('<p>the fog came in from the sea</p>') },
    { state: 'met' },
  ],
  [
    { maxPercent: 0 },
    { html: '<p>The FOG came in,</p><p>from the “sea” at</p>', ...other(`<p>${ROW}</p>`) },
    { measured: 100, places: [{ reason: 'alike' }, { reason: 'alike' }] },
  ],
  [
    { maxPercent: 0 },
    {
      html: `<blockquote><p>${ROW}</p><cite>Almanac</cite></blockquote><p>mine</p>`,
      ...other(`<p>${ROW}</p>`),
    },
    { measured: 0 },
  ],
  [
    { maxPercent: 0 },
    { html: `<blockquote><p>${ROW}</p></blockquote>`, ...other(`<p>${ROW}</p>`) },
    { measured: 100 },
  ],
  [
    { maxPercent: 0 },
    { html: '<p>the fog came in I noticed that from the sea at</p>', ...other(`<p>${ROW}</p>`) },
    { measured: 0 },
  ],
  [
    { maxPercent: 0 },
    {
      html: '<p>the fog came in</p><h2 data-outline>What I saw</h2><p>from the sea at</p>',
      ...other(`<p>${ROW}</p>`),
    },
    { measured: 0 },
  ],
  [
    { maxPercent: 0 },
    {
      html: `<p>${ROW}</p>`,
      others: [
        { id: '1', words: comparableText(readHtml('<p>the fog came in from</p>')) },
        { id: '2', words: comparableText(readHtml('<p>the sea at</p>')) },
      ],
    },
    { measured: 0 },
  ],
]);

cases('comments', [
  [{ min: 2 }, {}, { state: 'unknown', reason: 'server' }],
  [
    { min: 2 },
    {
      commentsGiven: [
        { post: 'a', words: 1 },
        { post: 'a', words: 9 },
      ],
    },
    { state: 'partly', measured: 1 },
  ],
  [{ min: 1, minWords: 5 }, { commentsGiven: [{ post: 'a', words: 4 }] }, { state: 'unmet', measured: 0 }],
  [
    { min: 1, minWords: 5 },
    {
      commentsGiven: [
        { post: 'a', words: 4 },
        { post: 'a', words: 5 },
      ],
    },
    { state: 'met' },
  ],
]);

cases('judged', [
  [{ text: 'explains why' }, {}, { state: 'unknown', reason: 'teacher', measured: null, share: 0 }],
  [{ text: 'explains why' }, { judged: { r: 'yes' } }, { state: 'met', measured: 1, earned: 1 }],
  [
    { text: 'explains why', partial: true },
    { judged: { r: 'partly' } },
    { state: 'partly', measured: 0.5, earned: 0.5 },
  ],
  [{ text: 'explains why' }, { judged: { r: 'no' } }, { state: 'unmet', measured: 0 }],
  [{ text: 'explains why' }, { judged: { another: 'yes' } }, { state: 'unknown' }],
]);

cases('selfCheck', [
  [{ text: 'I read it aloud' }, {}, { state: 'unmet', measured: 0 }],
  [{ text: 'I read it aloud' }, { selfChecked: ['r'] }, { state: 'met', measured: 1 }],
]);

const CAT_AGE: unknown = expect.closeTo(3.55, 6);
const PLAIN = `<p>${'The cat sat on the mat. '.repeat(20)}</p>`;
cases('readingLevel', [
  [{ from: 9 }, { html: '<p>Too short.</p>' }, { state: 'unknown', reason: 'length' }],
  [{ from: 9 }, { html: PLAIN, assignment: { language: 'de' } }, { state: 'unknown', reason: 'language' }],
  // 120 words in 20 sentences, one syllable each: 0.39 × 6 + 11.8 × 1 − 15.59 + 5.
  [{ to: 5 }, { html: PLAIN }, { state: 'met', measured: CAT_AGE }],
  [{ from: 7.1 }, { html: PLAIN }, { state: 'partly', share: 0.5 }],
  [{ to: 3 }, { html: PLAIN }, { state: 'over' }],
  [{ to: 5 }, { html: `<ul>${'<li>The cat sat on the mat</li>'.repeat(20)}</ul>` }, { measured: CAT_AGE }],
]);

const speller = {
  knows: (word: string) => ['the', 'fog', 'came', 'sea', 'is', 'well', "it's"].includes(word),
};
cases('spelling', [
  [{ maxUnknown: 0 }, { html: '<p>the fog</p>' }, { state: 'unknown', reason: 'server' }],
  [{ maxUnknown: 0 }, { html: '<p>the fog</p>', speller: null }, { state: 'unknown', reason: 'language' }],
  [
    { maxUnknown: 0 },
    { html: '<p>The fog came. Sea is well-well, it’s the Fog</p>', speller },
    { state: 'met', measured: 0 },
  ],
  [
    { maxUnknown: 1 },
    { html: '<p>the fogg came, Fogg came, fogg</p>', speller },
    {
      state: 'met',
      measured: 1,
      places: [
        { from: 5, to: 9, reason: 'unknown' },
        { from: 27, to: 31, reason: 'unknown' },
      ],
    },
  ],
  [{ maxUnknown: 1 }, { html: '<p>fogg blurg</p>', speller }, { state: 'over', share: 0.5 }],
  [{ maxUnknown: 0 }, { html: '<p>fogg</p>', speller, classWords: ['Fogg'] }, { state: 'met' }],
  [
    { maxUnknown: 0 },
    {
      html: '<p>the b2b at www.blurg.example me@blurg.example <code>blurg</code> blurg.example</p><pre>blurg</pre>',
      speller,
    },
    { measured: 1 },
  ],
  [{ maxUnknown: 0 }, { html: '<p>the Blurg came</p>', speller }, { measured: 0 }],
  [{ maxUnknown: 0 }, { html: '<p>the fog: Blurg came</p>', speller }, { measured: 0 }],
  [{ maxUnknown: 0 }, { html: '<p>the fog came. Blurg is</p>', speller }, { state: 'over', measured: 1 }],
]);

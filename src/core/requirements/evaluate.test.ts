import { describe, expect, test } from 'vitest';
import { readHtml } from '../document/html/readHtml';
import { evaluate } from './evaluate';
import type { PostToCheck } from './post';
import type { AssignmentToCheck, Requirement } from './requirement';

const assignment: Omit<AssignmentToCheck, 'requirements'> = {
  number: 2,
  title: 'Three skies',
  date: '2026-09-14',
  week: 3,
  language: 'en',
  timeZone: 'Europe/Dublin',
  classLabels: ['three-skies', 'cirrus'],
  starters: [],
  outline: [],
};

interface Given {
  readonly html?: string;
  readonly title?: string;
  readonly labels?: readonly string[];
  readonly language?: string;
  readonly openResults?: NonNullable<PostToCheck['openResults']>;
  readonly pictureHashes?: NonNullable<PostToCheck['pictureHashes']>;
}

function one(settings: Partial<Requirement> & { readonly kind: string }, given: Given) {
  const { html = '', title = '', labels = [], language = 'en', ...found } = given;
  const requirement = { id: 'r', weight: 'required', points: 1, ...settings } as Requirement;
  const post = { title, labels, body: readHtml(html), ...found };
  return evaluate({ ...assignment, language, requirements: [requirement] }, post).requirements[0]!;
}

const figure = (src: string, credit = 'Tomas B.', alt = 'a sky') =>
  `<figure><img src="${src}" alt="${alt}"><figcaption>x <cite>${credit}</cite></figcaption></figure>`;
const words = (count: number) => `<p>${'sky '.repeat(count)}</p>`;

describe('words', () => {
  test.each([
    [{ min: 10 }, 0, 'unmet', 0],
    [{ min: 10 }, 6, 'partly', 0.6],
    [{ min: 10, max: 20 }, 10, 'met', 1],
    [{ min: 10, max: 20 }, 25, 'over', 0.8],
    [{ max: 20 }, 0, 'met', 1],
    [{ min: 100, tolerance: 5 }, 95, 'met', 1],
    [{ min: 100, tolerance: 5 }, 94, 'partly', 0.94],
    [{ max: 100, tolerance: 5 }, 105, 'met', 1],
    [{ max: 100, tolerance: 5 }, 106, 'over', 0.9434],
  ])('%j with %i words is %s', (settings, count, state, share) => {
    expect(one({ kind: 'words', ...settings }, { html: words(count) })).toMatchObject({
      state,
      share,
      measured: count,
    });
  });
});

describe('points', () => {
  test('are all or nothing, or with partial in step with the unrounded share', () => {
    expect(one({ kind: 'words', min: 3, points: 3 }, { html: words(1) })).toMatchObject({
      share: 0.3333,
      earned: 0,
    });
    expect(one({ kind: 'words', min: 3, points: 3, partial: true }, { html: words(1) })).toMatchObject({
      earned: 1,
    });
    expect(one({ kind: 'words', min: 1, weight: 'advice', points: 3 }, { html: words(1) })).toMatchObject({
      possible: 0,
      earned: 0,
    });
  });
});

describe('pictures', () => {
  const lacking = figure('a.png') + figure('b.png', '');
  test.each([
    ['only complete ones count toward min', { min: 2, credit: true }, lacking, 'partly', 0.5],
    ['max counts all', { max: 1 }, lacking, 'over', 0.5],
    ['asked of each without min', { credit: true }, lacking, 'partly', 0.5],
    ['asked of each beside a maximum', { max: 3, credit: true }, lacking, 'partly', 0.75],
    ['two fine ones do not hide a third', { min: 1, credit: true, every: true }, lacking, 'partly', 0.75],
    ['where nothing is, nothing is complete', { credit: true }, '', 'unmet', 0],
    ['a maximum alone is met by nothing', { max: 3 }, '', 'met', 1],
    [
      'the same source twice is alike',
      { min: 2, distinct: true },
      figure('a.png') + figure('a.png'),
      'partly',
      0.5,
    ],
    [
      'a description of white space is none',
      { min: 1, description: true },
      figure('a.png', 'T', '  '),
      'unmet',
      0,
    ],
  ])('%s', (_, settings, html, state, share) => {
    expect(one({ kind: 'pictures', ...settings }, { html })).toMatchObject({ state, share });
  });

  test.each([
    ['ff00ff00ff00ff3f', 'partly'],
    ['ff00ff00ff00ff7f', 'met'],
  ])('hashes at most 6 bits apart are alike: %s', (hash, state) => {
    const pictureHashes = { 'a.png': 'ff00ff00ff00ff00', 'b.png': hash };
    expect(
      one(
        { kind: 'pictures', min: 2, distinct: true },
        { html: figure('a.png') + figure('b.png'), pictureHashes },
      ),
    ).toMatchObject({ state });
  });

  test('says where each one lacks what', () => {
    const { places } = one(
      { kind: 'pictures', min: 2, credit: true, description: true },
      { html: figure('a.png') + figure('b.png', '', '') },
    );
    expect(places.map((place) => place.reason)).toEqual(['credit', 'description']);
  });
});

describe('links', () => {
  const link = (href: string, text = 'the chart') => `<a href="${href}">${text}</a>`;
  const a = 'https://a.example/';
  test.each([
    [
      'the same address twice counts once',
      { min: 2 },
      link(a) + ' ' + link('HTTPS://A.example/#top'),
      {},
      'partly',
    ],
    ['a place in the post never counts', { min: 1 }, link('#note'), {}, 'unmet'],
    ['a mail address is no link to the web', { min: 1 }, link('mailto:me@example.org'), {}, 'unmet'],
    ['"here" says nothing', { min: 1, descriptiveText: true }, link(a, 'Here!'), {}, 'unmet'],
    ['an address says nothing', { min: 1, descriptiveText: true }, link(a, 'a.example'), {}, 'unmet'],
    [
      'of two texts the better counts',
      { min: 1, descriptiveText: true },
      `${link(a, 'here')} ${link(a)}`,
      {},
      'met',
    ],
    ['not looked at yet is not known', { min: 1, opens: true }, link(a), {}, 'unknown'],
    [
      'a server that is down is not the writer’s fault',
      { min: 1, opens: true },
      link(a),
      { [a]: 'unreachable' },
      'unknown',
    ],
    [
      'what a stranger cannot open does not count',
      { min: 1, opens: true },
      link(a),
      { [a]: 'private' },
      'unmet',
    ],
    ['what could not make it met is no excuse', { min: 3, opens: true }, link(a), {}, 'unmet'],
    [
      'different sites, www aside',
      { min: 1, differentSites: 2 },
      link(a) + ' ' + link('https://www.a.example/x'),
      {},
      'partly',
    ],
  ])('%s', (_, settings, html, openResults, state) => {
    expect(
      one({ kind: 'links', ...settings }, { html: `<p>${html}</p>`, openResults: openResults as never }),
    ).toMatchObject({ state });
  });

  test('one link across several marks is one text', () => {
    const html = '<p><a href="https://a.example/">he<strong>re</strong></a></p>';
    expect(one({ kind: 'links', min: 1, descriptiveText: true }, { html })).toMatchObject({ measured: 0 });
  });
});

describe('labels', () => {
  test.each([
    [{ allOf: ['three-skies'] }, ['#Three Skies'], 'met', 1],
    [{ allOf: ['three-skies'], oneOf: [['cirrus', 'stratus']] }, ['three_skies'], 'partly', 0.5],
    [{ oneOf: [['a'], ['b']] }, ['b'], 'partly', 0.5],
    [{ max: 1 }, ['a', 'A', '#a'], 'met', 1],
    [{ max: 1 }, ['a', 'b'], 'over', 0.5],
    [{ classOnly: true }, ['cirrus', 'mine'], 'partly', 0.5],
    [{ classOnly: true }, [], 'unmet', 0],
  ])('%j with %j is %s', (settings, labels, state, share) => {
    expect(one({ kind: 'labels', ...settings }, { labels })).toMatchObject({ state, share });
  });
});

describe('title', () => {
  const begins = (startsWith: string, title: string, language = 'en') =>
    one({ kind: 'title', startsWith }, { title, language }).state;
  test.each([
    ['{number} ·', '2 · Three skies', 'met'],
    ['{number} ·', '02 - Three skies', 'met'],
    ['{number} ·', '2', 'met'],
    ['{number} ·', '# 2) Three skies', 'met'],
    ['{number} ·', '🌧️ 2 – Three skies', 'met'],
    ['{number} ·', '22 · Three skies', 'unmet'],
    ['{number} ·', '2nd skies', 'unmet'],
    ['{number}', '2.5 skies', 'unmet'],
    ['{number}', '1.2 skies', 'unmet'],
    ['Week {week}: ', 'week 3 - skies', 'met'],
    ['Week{week}', 'week3 skies', 'met'],
    ['Café |', 'CAFE — noon', 'met'],
    ['{date}', '2026-09-14 skies', 'met'],
    ['{date}', 'Mon, 14th Sept 2026', 'met'],
    ['{date}', 'September 14 skies', 'met'],
    ['{date}', '14.9. skies', 'met'],
    ['{date}', '14/9 skies', 'met'],
    ['{date}', '9/14 skies', 'unmet'],
    ['{date}', '15 September', 'unmet'],
    ['(c++) {number}', '(C++) 2', 'met'],
  ])('%s and "%s": %s', (pattern, title, state) => {
    expect(begins(pattern, title)).toBe(state);
  });

  test('writes the date in the class’s language', () => {
    expect(begins('{date}', '9/14 skies', 'en-US')).toBe('met');
    expect(begins('{date}', 'Montag, 14. September', 'de')).toBe('met');
    expect(begins('{date}', 'lundi 14 sept.', 'fr')).toBe('met');
    expect(begins('{date}', '14 de septiembre', 'es')).toBe('met');
  });

  test('counts characters as people see them', () => {
    expect(one({ kind: 'title', maxCharacters: 3 }, { title: ' 👩‍🔬é🌧️ ' })).toMatchObject({
      measured: 3,
      state: 'met',
    });
    expect(one({ kind: 'title', maxCharacters: 3 }, { title: 'abcd' })).toMatchObject({
      state: 'over',
      share: 0.75,
    });
  });
});

describe('the whole answer', () => {
  test('is ready when every required one is met or not known yet', () => {
    const requirements: Requirement[] = [
      { id: 'a', kind: 'words', weight: 'required', points: 2, min: 1 },
      { id: 'b', kind: 'links', weight: 'required', points: 1, min: 1, opens: true },
      { id: 'c', kind: 'words', weight: 'bonus', points: 5, min: 99 },
      { id: 'd', kind: 'words', weight: 'advice', min: 99 },
    ];
    const body = readHtml('<p>sky <a href="https://a.example/">the chart</a></p>');
    expect(evaluate({ ...assignment, requirements }, { title: '', labels: [], body })).toMatchObject({
      ready: true,
      required: { met: 1, of: 2 },
      points: { earned: 2, possible: 3, bonus: 0 },
      provisional: true,
    });
  });
});

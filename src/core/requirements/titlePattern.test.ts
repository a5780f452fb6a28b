import { describe, expect, test } from 'vitest';
import { datePattern, formattedDate } from './datePattern';
import type { AssignmentContext } from './requirement';
import { titlePattern } from './titlePattern';

const assignment: AssignmentContext = {
  number: 2,
  title: 'Three skies',
  date: '2026-03-05',
  week: 11,
  language: 'en',
  timeZone: 'Europe/Dublin',
  classLabels: [],
  starters: [],
  outline: [],
};
const begins = (pattern: string, title: string, context: Partial<AssignmentContext> = {}) =>
  titlePattern(pattern, { ...assignment, ...context }).begins(title);

describe('separators', () => {
  const written = [
    '·',
    ' · ',
    '-',
    ' - ',
    '–',
    '—',
    ':',
    ': ',
    '.',
    ')',
    ',',
    '|',
    '_',
    ' ',
    ' : - ',
    '•',
    '#',
    '⋅',
  ];
  test.each(written)('%j in the title stands for any other in the pattern', (separator) => {
    expect(begins('{number} ·', `2${separator}Skies`)).toBe(true);
  });

  test.each(written)('%j in the pattern is matched by a dash in the title', (separator) => {
    expect(begins(`Post{number}${separator}`, 'Post2 - Skies')).toBe(true);
  });

  test('in the middle one must be there, at the end of the title none need be', () => {
    expect(begins('No. {number} ·', 'No 2 · Skies')).toBe(true);
    expect(begins('No. {number} ·', 'No2 · Skies')).toBe(false);
    expect(begins('{number} ·', '2')).toBe(true);
    expect(begins('{number} · {week}', '2')).toBe(false);
  });

  test.each(['*2', '/2', '2/ Skies', '2; Skies', '2! Skies'])('other signs separate nothing: %j', (title) => {
    expect(begins('{number} · ', title)).toBe(false);
  });

  test.each(['  2 · Skies', '#2 Skies', '– 2 – Skies', '☔ 2: Skies', '🌧️🌧️2 · Skies', '.: 2 :.', '_2_'])(
    'what stands before the first letter or digit is passed over: %j',
    (title) => {
      expect(begins('{number} ·', title)).toBe(true);
      expect(begins('#{number} ·', title)).toBe(true);
    },
  );
});

describe('numbers', () => {
  test.each(['2 x', '02 x', '002. x', '2'])('%j begins with the number', (title) => {
    expect(begins('{number}', title)).toBe(true);
  });

  test.each(['12 x', '20 x', '2nd x', '2b', '2.5 x', '2,5 x', 'x2', 'two', '1.2 x', ''])(
    '%j does not',
    (title) => {
      expect(begins('{number}', title)).toBe(false);
    },
  );

  test('a sentence may end after it', () => {
    expect(begins('{number}', '2. 5 skies')).toBe(true);
    expect(begins('{number}', '2, then 3')).toBe(true);
  });

  test('weeks are read likewise', () => {
    expect(begins('Week {week}', 'WEEK 11: Skies')).toBe(true);
    expect(begins('Week {week}', 'Week 1: Skies')).toBe(false);
    expect(begins('Week {week}', 'Week 111')).toBe(false);
    expect(begins('Week {week}', 'Week 11', { week: null })).toBe(false);
  });
});

describe('fixed text', () => {
  test('is compared without case, accents and kinds of apostrophe', () => {
    expect(begins('Café d’été {number}', "CAFE D'ETE 2")).toBe(true);
    expect(begins('Straße {number}', 'STRASSE 2')).toBe(true);
  });

  test('may hold every sign that means something elsewhere', () => {
    for (const text of ['(a+b)*c?', '[x]{y}', '^start$', 'a\\b', 'a/b'])
      expect([text, begins(`${text} {number}`, `${text} 2`)]).toEqual([text, true]);
  });

  test('must be there from the beginning', () => {
    expect(begins('Skies', 'My skies')).toBe(false);
    expect(begins('Skies', 'Skies of mine')).toBe(true);
  });
});

describe('dates', () => {
  const days: readonly (readonly [language: string, title: string])[] = [
    ['en', '2026-03-05'],
    ['en', '2026-3-5'],
    ['en', '5 March 2026'],
    ['en', '5 March'],
    ['en', '05 March'],
    ['en', '5th March'],
    ['en', '5th of March'],
    ['en', 'March 5'],
    ['en', 'March 5th, 2026'],
    ['en', 'Mar 5'],
    ['en', '5 Mar.'],
    ['en', '5.3.'],
    ['en', '05.03.2026'],
    ['en', '5/3'],
    ['en', '05/03/2026'],
    ['en', 'Thursday 5 March'],
    ['en', 'Thu, 5 March'],
    ['en', 'Monday 5 March'],
    ['en-US', '3/5'],
    ['en-US', '03/05/2026'],
    ['en-US', 'March 5'],
    ['de', '5. März'],
    ['de', '5. März 2026'],
    ['de', 'Donnerstag, 5. März'],
    ['de', 'Do., 5. Mär'],
    ['de', '5.3.'],
    ['fr', '5 mars'],
    ['fr', 'jeudi 5 mars 2026'],
    ['fr', '5/3'],
    ['es', '5 de marzo'],
    ['es', 'jueves, 5 de marzo de 2026'],
  ];
  test.each(days)('%s: %j', (language, title) => {
    expect(begins('{date} ·', `${title} · Skies`, { language })).toBe(true);
  });

  const others: readonly (readonly [language: string, title: string])[] = [
    ['en', '6 March'],
    ['en', '5 May'],
    ['en', '15 March'],
    ['en', '3/5'],
    ['en-US', '5/3'],
    ['en', '5 Ma'],
    ['en', 'the fifth'],
    ['de', '5 March'],
    ['en', '2026-03-06'],
    ['en', '5.33.'],
  ];
  test.each(others)('%s: not %j', (language, title) => {
    expect(begins('{date}', title, { language })).toBe(false);
  });

  test('a day in the first of a month may be written with an ordinal', () => {
    expect(begins('{date}', '1er avril', { language: 'fr', date: '2026-04-01' })).toBe(true);
    expect(begins('{date}', '1st of April', { date: '2026-04-01' })).toBe(true);
  });

  test('without a date nothing fits', () => {
    expect(begins('{date}', '5 March', { date: null })).toBe(false);
  });

  test('are shown as the language writes them', () => {
    expect(formattedDate('2026-03-05', 'en-GB')).toBe('5 March');
    expect(formattedDate('2026-03-05', 'de')).toBe('5. März');
    expect(new RegExp(`^${datePattern('2026-03-05', 'en')}$`, 'u').test('thursday 5 march 2026')).toBe(true);
  });
});

describe('what is shown to the writer', () => {
  test('is the beginning with its fields filled in, and the first part that is missing', () => {
    const pattern = titlePattern('Week {week} · {number} ·', assignment);
    expect(pattern.example).toBe('Week 11 · 2 ·');
    expect(pattern.firstMissing('Skies')).toBe('text');
    expect(pattern.firstMissing('Week 12')).toBe('week');
    expect(pattern.firstMissing('Week 11 · 3')).toBe('number');
    expect(titlePattern('{date}', assignment).firstMissing('x')).toBe('date');
  });
});

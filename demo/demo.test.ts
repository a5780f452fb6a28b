import { describe, expect, test } from 'vitest';
import { readMarkdown } from '../src/core/document/readMarkdown';
import { plainText } from '../src/core/document/plainText';
import { countDocumentWords } from '../src/core/words/documentWords';
import { readHtml } from '../src/core/document/html/readHtml';
import { ASSIGNMENTS } from './assignments';
import { bigNames, bigText, maybeBigSize } from './bigText';
import { drawInstrument } from './draw/instrument';
import { drawPicture } from './draw/picture';
import { drawSky } from './draw/sky';
import { OTHER_STUDENTS, STUDENTS, TEACHERS } from './people';
import { POSTS } from './writing';

describe('the drawings', () => {
  test('are the same for the same seed and differ for another', () => {
    expect(drawSky('cirrus', 3)).toBe(drawSky('cirrus', 3));
    expect(drawSky('cirrus', 3)).not.toBe(drawSky('cirrus', 4));
    expect(drawInstrument('vane', 1)).not.toBe(drawInstrument('vane', 2));
  });

  test('are pictures', async () => {
    const png = await drawPicture('storm 1');
    expect(png.subarray(1, 4).toString()).toBe('PNG');
  });
});

describe('the demo class', () => {
  test('has 24 students with names and passcodes of their own', () => {
    expect(STUDENTS).toHaveLength(24);
    expect(new Set(STUDENTS.map((student) => student.givenName)).size).toBe(24);
    for (const { passcode } of [...STUDENTS, ...OTHER_STUDENTS]) expect(passcode.split(' ')).toHaveLength(3);
  });

  test('has posts in every state, one at most for a student and an assignment', () => {
    const pairs = POSTS.map((post) => `${post.student} ${post.assignment}`);
    expect(new Set(pairs).size).toBe(pairs.length);
    const students = new Set(STUDENTS.map((student) => student.key));
    expect(POSTS.filter((post) => !students.has(post.student))).toEqual([]);
    expect(POSTS.some((post) => !post.handedIn)).toBe(true);
    expect(POSTS.some((post) => post.handedIn?.length === 2)).toBe(true);
    for (const decision of ['sentBack', 'accepted', undefined])
      expect(POSTS.some((post) => post.handedIn && post.decision === decision)).toBe(true);
  });

  test('tells a true story: who never came in has written nothing', () => {
    const absent = STUDENTS.filter((student) => student.seenDaysAgo === null).map((student) => student.key);
    expect(absent.length).toBeGreaterThan(0);
    expect(POSTS.filter((post) => absent.includes(post.student))).toEqual([]);
  });

  test('judges only criteria and levels that there are', () => {
    for (const post of POSTS) {
      const rubric =
        ASSIGNMENTS.find((assignment) => assignment.key === post.assignment)?.fields.rubric ?? [];
      expect((post.levels ?? []).length).toBeLessThanOrEqual(rubric.length);
      for (const [index, level] of (post.levels ?? []).entries())
        expect(level ?? 0).toBeLessThan(rubric[index]?.levels.length ?? 0);
    }
  });

  test('is written by different children: too short, too long, and in between', () => {
    const counts = POSTS.filter((post) => post.assignment === 'skies').map((post) =>
      countDocumentWords(readMarkdown(post.text)),
    );
    expect(Math.min(...counts)).toBeLessThan(20);
    expect(Math.max(...counts)).toBeGreaterThan(260);
    expect(new Set(POSTS.map((post) => plainText(readMarkdown(post.text)))).size).toBe(POSTS.length);
  });

  test('leads nowhere outside the names that are kept for examples', () => {
    const text = [...POSTS.map((post) => post.text), ...TEACHERS.map((teacher) => teacher.email)].join(' ');
    for (const [, host] of text.matchAll(/https?:\/\/([^/)\s]+)/g))
      expect(host).toMatch(/\.example$|^example\.(org|com)$/);
    for (const [, host] of text.matchAll(/@([\w.-]+\.\w+)/g)) expect(host).toMatch(/^example\.(org|com)$/);
  });
});

describe('a class to measure with', () => {
  test.each([
    ['3000x300', { posts: 3000, students: 300 }],
    ['12x12', { posts: 12, students: 12 }],
    ['12x13', null],
    ['0x0', null],
    ['3000', null],
    ['3000x300x2', null],
    ['9999999x10', null],
  ])('%s', (text, size) => {
    expect(maybeBigSize(text)).toEqual(size);
  });

  test('its students have names of their own, which a roster takes', () => {
    const names = bigNames(5000);
    expect(new Set(names).size).toBe(5000);
    expect(names.every((name) => /^[A-Z][a-z]+ [A-Z][a-z]+( Shoree*)?$/.test(name))).toBe(true);
  });

  test('its texts are the same for the same seed, and long enough to be read', () => {
    expect(bigText(7)).toEqual(bigText(7));
    expect(bigText(7)).not.toEqual(bigText(8));
    expect(countDocumentWords(readHtml(bigText(7).html))).toBeGreaterThan(40);
  });
});

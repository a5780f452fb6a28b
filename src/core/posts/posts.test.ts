import { describe, expect, test } from 'vitest';
import { readMarkdownPost, readPostFile } from './readPost';
import { addressFrom, freeAddress } from './address';
import { maybeReaches } from './release';
import { maybeNextStage } from './stage';
import { plainText } from '../document/plainText';
import { teaserFrom } from '../document/teaser';
import { readHtml } from '../document/html/readHtml';

describe('maybeReaches', () => {
  const later = { setOpened: false };
  test.each([
    ['handIn', 'handIn', 'everyone', later, 'ourClass'],
    ['handIn', 'accepted', 'everyone', later, null],
    ['handIn', 'opened', 'everyone', { setOpened: true }, null],
    ['accepted', 'handIn', 'everyone', later, 'everyone'],
    ['accepted', 'accepted', 'ourClass', later, 'ourClass'],
    ['accepted', 'opened', 'everyone', later, null],
    ['accepted', 'opened', 'everyone', { setOpened: true }, 'everyone'],
    ['opened', 'opened', 'everyone', { setOpened: true }, 'everyone'],
    ['accepted', 'accepted', 'writerAndTeachers', later, null],
  ] as const)('at %s with release %s, %s and %j it reaches %s', (moment, release, audience, set, reached) => {
    expect(maybeReaches(moment, release, audience, set)).toBe(reached);
  });
});

test('a post moves from stage to stage only as the table says', () => {
  expect(maybeNextStage('draft', 'handIn')).toBe('handedIn');
  expect(maybeNextStage('draft', 'accept')).toBeNull();
  expect(maybeNextStage('sentBack', 'takeBack')).toBeNull();
  expect(maybeNextStage('accepted', 'handIn')).toBe('handedIn');
});

test.each([
  ['2 · Three skies!', '2-three-skies'],
  ['Über den Wolken', 'uber-den-wolken'],
  ['今日の空', '今日の空'],
  ['🌧️', 'post'],
  ["It's a sky", 'its-a-sky'],
])('the address of %j is %s', (title, address) => {
  expect(addressFrom(title)).toBe(address);
});

test('an address that is taken is counted on', () => {
  expect(freeAddress('sky', new Set(['sky', 'sky-2']))).toBe('sky-3');
});

test('what the blog needs for its own pages is no address of a post', () => {
  const own = ['search', 'labels', 'writers', 'months', 'assignments', 'feeds', 'pages', 'kept', 'corner'];
  expect(own.map((word) => freeAddress(addressFrom(word), new Set()))).toEqual(
    own.map((word) => `${word}-2`),
  );
});

test('Markdown brings title and labels in its front matter', () => {
  const post = readMarkdownPost(
    '---\ntitle: "2 · Skies"\nlabels: [a, b]\n---\n\n# Monday\n\nGrey *all* day.\n',
  );
  expect(post).toMatchObject({ title: '2 · Skies', labels: ['a', 'b'] });
  expect(plainText(post.body)).toBe('Monday\nGrey all day.');
  expect(() => readMarkdownPost('---\n{: [\n---\nx')).toThrow(/^front matter:/);
});

test('a document that does not check is refused', () => {
  expect(() => readPostFile({ body: { type: 'doc' } })).toThrow(/^body:/);
});

test('a teaser is whole sentences where they fit', () => {
  const text = 'The first is short. The second one goes on and on and on for quite a while longer than that.';
  expect(teaserFrom(readHtml(`<h2>no</h2><p>${text}</p>`), 40)).toBe('The first is short.');
  expect(teaserFrom(readHtml(`<p>${text.slice(20)}</p>`), 30)).toBe('The second one goes on and on …');
});

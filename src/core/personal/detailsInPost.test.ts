import { describe, expect, test } from 'vitest';
import { readHtml } from '../document/html/readHtml';
import { detailsInPost, mendingFor, type PostToLookThrough } from './detailsInPost';

const people = [
  { givenName: 'Quilla', familyName: 'Overmoor' },
  { givenName: 'Zoë', familyName: 'van Sand' },
];
const NOTHING = { title: '', subtitle: '', teaser: '', labels: [], documents: [] };
const found = (post: Partial<Omit<PostToLookThrough, 'body'>>, html = '<p></p>') =>
  detailsInPost({ ...NOTHING, ...post, body: readHtml(html) }, { people, language: 'en-IE' }).map(
    ({ kind, where, text }) => [kind, where, text],
  );

describe('a personal detail is found', () => {
  test.each([
    ['in the title', { title: 'By Quilla Overmoor' }, ['fullName', 'title', 'Quilla Overmoor']],
    ['under it', { subtitle: 'mail a@example.org' }, ['email', 'subtitle', 'a@example.org']],
    ['in the teaser', { teaser: 'Call me: 085 555 0123' }, ['telephone', 'teaser', '085 555 0123']],
    ['in a label', { labels: ['sky', 'quilla-overmoor'] }, ['fullName', 'label', 'quilla overmoor']],
    ['by a title and the family name alone', { title: 'Ms Overmoor!' }, ['fullName', 'title', 'Ms Overmoor']],
    [
      'by the given name beside a birthday',
      { teaser: 'It is Quilla’s birthday on 3 March, she says' },
      ['birthDate', 'teaser', '3 March'],
    ],
    [
      'with accents and small letters',
      { subtitle: 'of Zoe VAN SAND' },
      ['fullName', 'subtitle', 'Zoe VAN SAND'],
    ],
    ['in a shared document', { documents: ['mail a@example.org'] }, ['email', 'document', 'a@example.org']],
  ] as const)('%s', (_, post, expected) => {
    expect(found(post)).toEqual([expected]);
  });

  test.each([
    ['in a paragraph', '<p>mail a@example.org</p>', [['email', 'text', 'a@example.org']]],
    [
      'in a picture’s description and its caption',
      '<figure><img src="/pictures/abcdefghijklmnop/800" alt="Quilla Overmoor"><figcaption>mail a@example.org</figcaption></figure>',
      [
        ['email', 'text', 'a@example.org'],
        ['fullName', 'description', 'Quilla Overmoor'],
      ],
    ],
    [
      'in where a link leads, but no number of it',
      '<p><a href="https://a.example/Quilla-Overmoor">her page</a> <a href="https://a.example/085555012345">more</a></p>',
      [['fullName', 'address', 'Quilla Overmoor']],
    ],
    ['in no code', '<pre><code>@decorated a@example.com</code></pre>', []],
    ['nowhere in a given name alone', '<p>Quilla saw it.</p>', []],
  ] as const)('%s', (_, html, expected) => {
    expect(found({}, html)).toEqual(expected);
  });
});

test.each([
  ['fullName', 'Zoë van Sand', 'Zoë'],
  ['fullName', 'OVERMOOR, QUILLA', 'Quilla'],
  ['fullName', 'Mr Overmoor', ''],
  ['telephone', '085 555 0123', ''],
] as const)('for %s “%s” “%s” is suggested', (kind, text, expected) => {
  expect(mendingFor({ kind, text, from: 0, to: text.length }, people)).toBe(expected);
});

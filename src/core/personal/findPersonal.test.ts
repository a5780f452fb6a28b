import { describe, expect, test } from 'vitest';
import { readHtml } from '../document/html/readHtml';
import { plainText } from '../document/plainText';
import { codeInDocument } from './codeInDocument';
import { findPersonal } from './findPersonal';

const PEOPLE = [
  { givenName: 'Mara', familyName: 'Fennimore', penName: 'Mara F.' },
  { givenName: 'Ben', familyName: 'Hill' },
  { givenName: 'Grace', familyName: 'Wood' },
  { givenName: 'Léo', familyName: 'Brisemarin' },
];
const told = (text: string, country = 'IE', language = 'en') =>
  findPersonal(text, { people: PEOPLE, country, language }).map((one) => `${one.kind}: ${one.text}`);

describe('is found', () => {
  test.each<[string, readonly string[]]>([
    [
      'anna (at) example (dot) org, or anna @ example . org',
      ['email: anna (at) example (dot) org', 'email: anna @ example . org'],
    ],
    ['ring 021 427 3871 or 087 123 4567', ['telephone: 021 427 3871', 'telephone: 087 123 4567']],
    ['Call us: +49 30 901820', ['telephone: +49 30 901820']],
    ['we live at 14 harbour road next to gran', ['address: 14 harbour road']],
    ['Card 4111 1111 1111 1111, gone', ['account: 4111 1111 1111 1111']],
    ['my PPS is 6400376F', ['identity: 6400376F']],
    ['my username is sparky99 ok', ['handle: sparky99']],
    ['I turn 12 on 5 June!', ['birthDate: 5 June']],
    [
      'mara fennimore, FENNIMORE MARA and Mara J. Fennimore',
      ['fullName: mara fennimore', 'fullName: FENNIMORE MARA', 'fullName: Mara J. Fennimore'],
    ],
    ['Mrs Hill’s dog and Leo Brisemarin', ['fullName: Mrs Hill', 'fullName: Leo Brisemarin']],
    ['53° 20.5’ N, 6° 15’ W', ['coordinates: 53° 20.5’ N, 6° 15’ W']],
    [
      'our wifi password is blue-heron-42! The code for the gate is 4711.',
      ['secret: blue-heron-42', 'secret: 4711'],
    ],
  ])('%s', (text, details) => {
    expect(told(text)).toEqual(details);
  });

  test('in the language and the country of the class', () => {
    expect(told('Ich wohne in der Langen Straße 5, PLZ 10115.', 'DE', 'de')).toEqual([
      'address: Langen Straße 5',
      'address: 10115',
    ]);
    expect(told('J’habite 12 rue du Port, appelle le 06 12 34 56 78.', 'FR', 'fr')).toEqual([
      'address: 12 rue du Port',
      'telephone: 06 12 34 56 78',
    ]);
    expect(told('Vivo en la calle Mayor 5 y mi NIE es X1234567L.', 'ES', 'es')).toEqual([
      'address: calle Mayor 5',
      'identity: X1234567L',
    ]);
  });

  test('by what explains it best: an identity word before a telephone number’s form', () => {
    expect(told('My passport number is 0871234567.')).toEqual(['identity: 0871234567']);
  });
});

test.each([
  'My password is too long and my account is full. The code is easy.',
  'The population is 742 000 000 people. The text has 1200000 words.',
  'In 2014 2015 2016 it rained 12.5 13.75 14.25, on 14.05.2013 and 2013-05-14.',
  'in the wood Grace found it. up the hill Ben ran. Mara F. too.',
  'Beaufort was born on 27 May 1774. My grandad was born in 1950. The war ended on 8 May 1945.',
  'ISBN 978-3-16-148410-0, https://sky.example/123456789 and 3.14159265358979.',
  'We meet @ 5 pm in Room 12, Chapter 3 Road to the River, Page 4.',
])('%s holds nothing personal', (text) => {
  expect(told(text)).toEqual([]);
});

test('a place is told by where it stands, in UTF-16 units', () => {
  const text = '😀 is @skyfox';
  const [detail] = findPersonal(text, { people: [], country: 'IE', language: 'en' });
  expect(detail).toEqual({ kind: 'handle', text: '@skyfox', from: 6, to: 13 });
});

test('code of a document is code in its text', () => {
  const body = readHtml(
    '<p>Say <code>@router.get</code><br>twice</p><pre><code>me@example.org</code></pre><p>@skyfox</p>',
  );
  const found = findPersonal(plainText(body), {
    people: [],
    country: 'IE',
    language: 'en',
    code: codeInDocument(body),
  });
  expect(found.map(({ text }) => text)).toEqual(['@skyfox']);
});

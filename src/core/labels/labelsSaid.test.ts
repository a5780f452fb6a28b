import { expect, test } from 'vitest';
import { readMarkdown } from '../document/readMarkdown';
import { labelsSaid } from './labelsSaid';

const POST = readMarkdown(`We looked up.

## Monday

These are CIRRUS, thin and torn.

## Tuesday

Cumulus-like heaps; three skies in one, and a cirrus again. Die Straße war naß.
`);

test.each([
  ['a label in capitals, at its first place', ['cirrus'], [{ label: 'cirrus', heading: 'Monday' }]],
  [
    'a label with a hyphen where the text has a space',
    ['three-skies'],
    [{ label: 'three-skies', heading: 'Tuesday' }],
  ],
  ['a word that goes on with a hyphen', ['cumulus'], [{ label: 'cumulus', heading: 'Tuesday' }]],
  ['letters that fold alike', ['strasse'], [{ label: 'strasse', heading: 'Tuesday' }]],
  ['text before the first heading', ['looked up'], [{ label: 'looked up', heading: null }]],
  ['a heading that is a label', ['monday'], [{ label: 'monday', heading: 'Monday' }]],
  ['a part of a word', ['sky', 'loo', 'cirru'], []],
  ['a label of signs alone', ['…', '#'], []],
  ['signs that mean something in a pattern', ['c++', '(three'], [{ label: '(three', heading: 'Tuesday' }]],
])('%s', (_, labels, expected) => {
  expect(labelsSaid(POST, labels)).toEqual(expected);
});

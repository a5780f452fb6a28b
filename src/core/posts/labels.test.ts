import { expect, test } from 'vitest';
import { shownLabels } from './labels';

test.each<[string, readonly string[], Record<string, string | null>, readonly string[], string]>([
  ['nothing changed', ['rain', 'wind'], {}, [], 'rain, wind'],
  ['renamed', ['rain'], { rain: 'rainfall' }, [], 'rainfall'],
  ['merged, and then the same', ['rain', 'rainfall'], { rain: 'rainfall' }, [], 'rainfall'],
  ['renamed twice', ['rain'], { rain: 'rainfall', rainfall: 'water' }, [], 'water'],
  ['taken away', ['rain', 'wind'], { rain: null }, [], 'wind'],
  ['renamed and back', ['rain'], { rain: 'wet', wet: 'rain' }, [], 'rain'],
  ['spelt otherwise', ['three skies'], { threeskies: 'Three-Skies' }, [], 'Three-Skies'],
  ['waiting', ['rain', 'hail'], {}, ['hail'], 'rain'],
  ['twice in other spellings', ['Rain', 'rain'], {}, [], 'rain'],
])('%s', (_, labels, changes, waiting, expected) => {
  expect(shownLabels(labels, new Map(Object.entries(changes)), new Set(waiting)).join(', ')).toBe(expected);
});

import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { labelKey } from './labelKey';
import { shownLabels } from './shownLabels';

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

describe('whatever was changed', () => {
  const NAMES = ['Fog', 'fog', 'Rain', 'Hail', 'Sleet', 'snow'];
  const names = fc.constantFrom(...NAMES);
  const changes = fc
    .array(fc.tuple(names, fc.option(names)), { maxLength: 6 })
    .map((pairs) => new Map(pairs.map(([from, to]) => [labelKey(from), to] as const)));

  test('each label is shown once, none that waits, and showing them again changes nothing', () => {
    fc.assert(
      fc.property(fc.array(names), changes, fc.array(names), (labels, changed, waiting) => {
        const held = new Set(waiting.map(labelKey));
        const shown = shownLabels(labels, changed, held);
        const keys = shown.map(labelKey);
        expect(new Set(keys).size).toBe(keys.length);
        expect(keys.filter((key) => held.has(key))).toEqual([]);
        expect(shown.length).toBeLessThanOrEqual(new Set(labels.map(labelKey)).size);
        // A label that has gone round is called what it is called; nothing else moves any more.
        for (const label of shown)
          if (!changed.has(labelKey(label))) expect(shownLabels([label], changed, held)).toEqual([label]);
      }),
    );
  });
});

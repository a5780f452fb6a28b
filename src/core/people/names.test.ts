import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { rubricPoints } from '../assignments/rubric';
import { alike, alikeWithoutPunctuation, fold } from '../text/alike';
import { characterCount } from '../text/graphemes';
import { roundHalfUp } from '../text/round';
import { monogram, nameInClass, nameOutside, namesInClass, teacherName } from './names';

const person = (givenName: string, familyName: string, penName: string | null = null) => ({
  givenName,
  familyName,
  penName,
});

describe('names', () => {
  test('in class are first name and initial, in any script', () => {
    expect(nameInClass(person('Tomas', 'Brackley'))).toBe('Tomas B.');
    expect(nameInClass(person('Zoë', 'émile'))).toBe('Zoë É.');
    expect(nameInClass(person('Ada', ''))).toBe('Ada');
    expect(monogram(person('Zoë', 'émile'))).toBe('ZÉ');
  });

  test('outside follow the class’s rule, and no rule shows a family name', () => {
    const tomas = person('Tomas', 'Brackley', 'Heron');
    expect(nameOutside(tomas, 'firstName')).toBe('Tomas');
    expect(nameOutside(tomas, 'firstNameAndInitial')).toBe('Tomas B.');
    expect(nameOutside(tomas, 'penName')).toBe('Heron');
    expect(nameOutside(person('Tomas', 'Brackley'), 'penName')).toBe('Tomas');
  });

  test('of teachers are whole', () => {
    expect(teacherName(person('Marisol', 'Tennant'))).toBe('Marisol Tennant');
  });
});

describe('text as it is compared', () => {
  test.each([
    ['  Café   NOIR ', 'cafe noir'],
    ['Straße', 'strasse'],
    ['Άλφα ΟΔΟΣ', 'αλφα οδοσ'],
    ['it’s `fine´', "it's 'fine'"],
    ['🌧️ rain ★', 'rain'],
    ['й', 'й'],
    ['#storm', '#storm'],
  ])('%j is alike to %j', (text, expected) => {
    expect(alike(text)).toBe(expected);
  });

  test('inside, symbols stay', () => {
    expect(alike('a + b')).toBe('a + b');
    expect(fold('★ A')).toBe('★ a');
    expect(alikeWithoutPunctuation('«Here!»')).toBe('here');
  });

  test('characters are what people see', () => {
    expect(characterCount(' e\u0301👩‍🔬🇮🇪 ')).toBe(3);
  });
});

test.each([
  [2.675, 2, 2.68],
  [1 / 160, 4, 0.0063],
  [0.00005, 4, 0.0001],
  [2 / 3, 4, 0.6667],
])('%d rounds half up to %i places as %d', (value, decimals, rounded) => {
  expect(roundHalfUp(value, decimals)).toBe(rounded);
});

test('a rubric is worth its highest levels, each as often as it counts', () => {
  const levels = [
    { points: 1, description: '' },
    { points: 4, description: '' },
  ];
  expect(
    rubricPoints([
      { id: 'a', name: 'A', weight: 2, levels },
      { id: 'b', name: 'B', weight: 0.5, levels },
    ]),
  ).toBe(10);
});

describe('as their class tells people apart', () => {
  const named = (...names: readonly string[]) => {
    const people = names.map((name, index) => {
      const [givenName = '', familyName = ''] = name.split(' ');
      return { personId: String(index), givenName, familyName, penName: null };
    });
    return [...namesInClass(people)]
      .toSorted(([one], [another]) => Number(one) - Number(another))
      .map(([, name]) => name);
  };
  test.each([
    [
      ['Tomas Berg', 'Mara Finn'],
      ['Tomas B.', 'Mara F.'],
    ],
    [
      ['Tomas Berg', 'Tomas Bolt', 'Mara Finn'],
      ['Tomas Be.', 'Tomas Bo.', 'Mara F.'],
    ],
    [
      ['Tomas Berg', 'Tomas Berger'],
      ['Tomas Berg', 'Tomas Berge.'],
    ],
    [
      ['Tomas Berg', 'tomas berg'],
      ['Tomas B.', 'tomas B. (2)'],
    ],
    [
      ['Tomas Berg', 'Tomas Berg', 'Tomas Bolt'],
      ['Tomas Be.', 'Tomas Be. (2)', 'Tomas Bo.'],
    ],
    [
      ['Tomas', 'Tomas'],
      ['Tomas', 'Tomas (2)'],
    ],
    [
      ['Tomas', 'Tomas Berg'],
      ['Tomas', 'Tomas B.'],
    ],
    [[], []],
  ])('%j', (people, names) => {
    expect(named(...people)).toEqual(names);
  });

  test('everybody has a name, and no two the same', () => {
    const letters = fc.string({ unit: fc.constantFrom('a', 'B', 'é', ' '), maxLength: 5 });
    const person = fc.record({ givenName: fc.constantFrom('Tomas', 'tomas', 'Mo'), familyName: letters });
    fc.assert(
      fc.property(fc.array(person, { maxLength: 12 }), (people) => {
        const names = namesInClass(
          people.map((one, index) => ({ ...one, personId: String(index).padStart(2, '0'), penName: null })),
        );
        expect(names.size).toBe(people.length);
        const folded = [...names.values()].map((name) => name.toLocaleLowerCase());
        expect(new Set(folded).size).toBe(people.length);
      }),
    );
  });
});

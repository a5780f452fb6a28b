import { describe, expect, test } from 'vitest';
import { acceptedLanguage, directionOf, houseLanguage, spokenTag } from './languages';

test('a tag has the language of the house that it begins with', () => {
  expect(['de', 'de-AT', 'DE-ch', 'en-US', 'fr', '', 'den', 'constructor'].map(houseLanguage)).toEqual([
    'de',
    'de',
    'de',
    'en',
    null,
    null,
    null,
    null,
  ]);
});

describe('somebody is spoken to', () => {
  test.each([
    ['as the class is, in its own form', null, 'de-AT', 'de-AT'],
    ['as they chose, whatever the class speaks', 'de', 'en-GB', 'de'],
    ['as they chose, in the form of a class that speaks it too', 'en', 'en-US', 'en-US'],
    ['in English where the class speaks what the house does not', null, 'fr-FR', 'en-GB'],
    ['in English outside of any class', null, null, 'en-GB'],
    ['as they chose outside of any class', 'de', null, 'de'],
  ] as const)('%s', (_, chosen, classTag, spoken) => {
    expect(spokenTag(chosen, classTag)).toBe(spoken);
  });
});

test('a browser gets the language that it wants most of those there are', () => {
  expect(
    [
      'de-CH, en;q=0.8',
      'fr, en;q=0.5, de;q=0.7',
      'fr;q=1, de;q=0',
      '*',
      '',
      'de;q=nonsense',
      `${'x,'.repeat(5000)}de`,
    ].map(acceptedLanguage),
  ).toEqual(['de', 'de', null, null, null, 'de', null]);
});

test('languages are written in their direction', () => {
  expect(['en-GB', 'de', 'ar', 'he-IL', 'ur', 'az-Arab', 'ar-Latn', 'arn', 'fr'].map(directionOf)).toEqual([
    'ltr',
    'ltr',
    'rtl',
    'rtl',
    'rtl',
    'rtl',
    'ltr',
    'ltr',
    'ltr',
  ]);
});

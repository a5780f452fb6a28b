import { expect, test } from 'vitest';
import { askedWords } from '../../core/search/asked';
import { foundIn } from '../../core/search/found';
import { searchWords } from './searchWords';

/** What is typed, and a word that is found for it. */
const PAIRS: Readonly<Record<string, readonly (readonly [query: string, word: string])[]>> = {
  'en-IE': [
    ['wind', 'winds'],
    ['winds', 'wind'],
    ['kites', 'kite'],
    ['stories', 'story'],
    ['foxes', 'fox'],
    ['fox', 'foxes'],
    ['weath', 'weather'],
    ['flake', 'snowflake'],
    ['bow', 'rainbow'],
    ['house', 'lighthouse'],
    ['storm', 'thunderstorm'],
    ['cafe', 'café'],
    ['naïve', 'naive'],
    ['HARBOUR', 'harbour'],
    ['don’t', "don't"],
    ['2026', '2026'],
    ['north wind', 'north-wind'],
    ['encyclopaedia', 'encyclopædia'],
    ['co2', 'CO2'],
    ['of', 'of'],
  ],
  de: [
    ['wind', 'Nordwind'],
    ['Nord', 'Nordwind'],
    ['messer', 'Windmesser'],
    ['strasse', 'Straße'],
    ['Straße', 'STRASSE'],
    ['strassen', 'Straße'],
    ['gruen', 'grün'],
    ['grün', 'gruen'],
    ['grun', 'Grün'],
    ['Häuser', 'Haus'],
    ['haus', 'Schulhaus'],
    ['Haus', 'Leuchtturmwärterhaus'],
    ['turm', 'Leuchtturm'],
    ['tag', 'Geburtstag'],
    ['wolken', 'Wolke'],
    ['Wolke', 'Gewitterwolke'],
    ['wolke', 'Gewitterwolken'],
    ['Bäume', 'Apfelbaum'],
    ['hafen', 'Hafenmauer'],
    ['mauer', 'Hafenmauer'],
    ['karte', 'Wetterkarte'],
    ['WETTER', 'Gewitterwetter'],
    ['Kinder', 'Kind'],
    ['Fuß', 'Fussball'],
    ['ball', 'Fußball'],
  ],
  fr: [
    ['eau', 'l’eau'],
    ['école', 'ecole'],
    ['ecole', 'écoles'],
    ['écoles', 'école'],
    ['bateaux', 'bateau'],
    ['chevaux', 'cheval'],
    ['coeur', 'cœur'],
    ['cœur', 'coeur'],
    ['noel', 'Noël'],
    ['nuage', 'nuages'],
  ],
  es: [
    ['nino', 'niño'],
    ['niños', 'niño'],
    ['ciudades', 'ciudad'],
    ['corazon', 'corazón'],
    ['vientos', 'viento'],
    ['lluvia', 'lluvias'],
  ],
  pl: [
    ['lodz', 'łódź'],
    ['wiatr', 'wiatru'],
  ],
  ja: [
    ['風', '北風が吹く'],
    ['北風', '北風が吹く'],
  ],
  ru: [['ветер', 'Ветер']],
};

/** What is not found, however alike it looks. */
const NOT: typeof PAIRS = {
  'en-IE': [
    ['pet', 'carpet'],
    ['ship', 'relations'],
    ['art', 'party'],
    ['ear', 'weather'],
    ['of', 'offer'],
  ],
  de: [
    ['wind', 'verschwinden'],
    ['und', 'Hund'],
    ['rat', 'verraten'],
  ],
};

const finds = async (language: string, query: string, word: string): Promise<boolean> => {
  const { parts } = await searchWords({ text: word, language });
  const asked = askedWords(query, language);
  const found = foundIn(word, asked, parts);
  const all = new Set(found.flatMap((one) => one.asked));
  return all.size === asked.words.length && all.size > 0;
};

test.each(
  Object.entries(PAIRS).flatMap(([language, pairs]) => pairs.map((pair) => [language, ...pair] as const)),
)('%s: %s finds %s', async (language, query, word) => {
  expect(await finds(language, query, word)).toBe(true);
});

test.each(
  Object.entries(NOT).flatMap(([language, pairs]) => pairs.map((pair) => [language, ...pair] as const)),
)('%s: %s does not find %s', async (language, query, word) => {
  expect(await finds(language, query, word)).toBe(false);
});

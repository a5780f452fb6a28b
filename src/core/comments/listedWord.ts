/** Signs that are written in place of letters. */
const DISGUISES: Readonly<Record<string, string>> = {
  o: '0',
  i: '1!',
  e: '3',
  a: '4@',
  s: '5$',
  t: '7',
};
/** One of these may stand between all letters of a word. */
const SEPARATORS = ' .-_';
const BETWEEN = '[ .\\-_]';
const LETTER_OR_DIGIT = /[\p{L}\p{N}]/u;
/** What makes a longer word of it; the marks of scripts that keep them are part of one. */
const OF_A_WORD = '\\p{L}\\p{N}\\p{M}';
/** So many more of the first letter are looked at where they stand apart; the others are found from the next one on. */
const MORE = 8;

/**
 * A pattern that finds a word of a list in a folded text as a word of its own, however it is disguised: letters repeated, signs in
 * place of letters, one space, dot, hyphen or underscore between all letters, and all of that at once.
 * @param listed folded; ending in `*` it is found as the beginning of a longer word too
 * @returns null for what holds no letter and no digit
 */
export function listedWordPattern(listed: string): RegExp | null {
  const begins = listed.endsWith('*');
  const word = begins ? listed.slice(0, -1).trimEnd() : listed;
  if (!LETTER_OR_DIGIT.test(word)) return null;
  // No text may be long to look through: signs that follow each other never match the same, and it is begun at the first of a row.
  const either = (sign: string) => sign + disguiseOf(sign, word);
  const together = runsOf(word).map(({ sign, many }) => `${classOf(either(sign))}{${many},}`);
  const letters = Array.from(word).filter((sign) => !SEPARATORS.includes(sign));
  const apart = runsOf(letters).map(({ sign, many }, at) => {
    const signs = classOf(either(sign));
    return `${signs}+(?:${BETWEEN}${signs}+){${many - 1},${at === 0 ? many + MORE : ''}}`;
  });
  const start = `(?<!${classOf(either(Array.from(word)[0]!), OF_A_WORD)})`;
  const end = begins ? '' : `(?![${OF_A_WORD}])`;
  return new RegExp(`${start}(?:${together.join('')}|${apart.join(BETWEEN)})${end}`, 'gu');
}

interface Run {
  readonly sign: string;
  readonly many: number;
}

/** The signs of a word, those that follow each other alike as one. */
function runsOf(word: Iterable<string>): readonly Run[] {
  const runs: Run[] = [];
  for (const sign of word) {
    const last = runs.at(-1);
    if (last?.sign === sign) runs[runs.length - 1] = { sign, many: last.many + 1 };
    else runs.push({ sign, many: 1 });
  }
  return runs;
}

/** The signs that may stand in place of one, as far as the word does not mean them as they are. */
function disguiseOf(sign: string, word: string): string {
  return Array.from(DISGUISES[sign] ?? '')
    .filter((one) => !word.includes(one))
    .join('');
}

function classOf(signs: string, besides = ''): string {
  return `[${besides}${signs.replaceAll(/[\\\]^[-]/gu, '\\$&')}]`;
}

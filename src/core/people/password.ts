import { alike } from '../text/alike';

export type PasswordWeakness = 'tooShort' | 'repeats' | 'common' | 'aboutYou';

const SHORTEST = 10;
const FEWEST_SIGNS = 5;
const COMMON = /^(?:pass ?word|1234567|qwert|letmein|let me in|abcdef|iloveyou|welcome)/;

/**
 * Why a password should not be taken, or null: at least ten characters (NIST SP 800-63B asks for eight, and for no
 * rules about signs), not among the first that people try, not the person's own name or address.
 */
export function passwordWeakness(password: string, about: readonly string[]): PasswordWeakness | null {
  const comparable = alike(password);
  if (Array.from(password).length < SHORTEST) return 'tooShort';
  if (new Set(comparable).size < FEWEST_SIGNS) return 'repeats';
  if (COMMON.test(comparable)) return 'common';
  const left = about
    .map((one) => alike(one))
    .filter((one) => one.length > 2)
    .reduce((text, one) => text.replaceAll(one, ''), comparable);
  return left.length < SHORTEST / 2 ? 'aboutYou' : null;
}

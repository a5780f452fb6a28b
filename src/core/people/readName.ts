/** A name as somebody wrote it, taken apart. `name` is how it is said: given names first. */
export interface ReadName {
  readonly name: string;
  readonly givenName: string;
  /** Null for somebody who goes by one name. */
  readonly familyName: string | null;
}

// Marks that turn the direction of the text around them: with one of these a name could rearrange a whole line.
const DIRECTION = /[\u200E\u200F\u202A-\u202E\u2066-\u2069\uFEFF]/gu;

/** Text of a name with single spaces, without what is not seen. */
export function cleanName(text: string): string {
  return text
    .normalize('NFC')
    .replace(DIRECTION, '')
    .replace(/[\p{White_Space}\p{Cc}]+/gu, ' ')
    .trim();
}

/**
 * Takes a whole name apart. `Family, Given` is turned round. Otherwise the family name is the last word together with
 * the words in small letters directly before it: Ludo van der Berg is a van der Berg.
 */
export function readName(text: string): ReadName {
  const clean = cleanName(text);
  const turned = /^([^,]+), ?([^,]+)$/u.exec(clean);
  if (turned) return nameOf((turned[2] ?? '').trim(), (turned[1] ?? '').trim());
  const words = clean.replace(/,+$/, '').split(' ');
  let family = words.length - 1;
  while (family > 1 && /^\p{Ll}/u.test(words[family - 1] ?? '')) family -= 1;
  if (words.length === 1) return nameOf(words[0] ?? '', '');
  return nameOf(words.slice(0, family).join(' '), words.slice(family).join(' '));
}

/** A name of which both parts are known. */
export function nameOf(given: string, family: string): ReadName {
  const [givenName, familyName] = [cleanName(given), cleanName(family)];
  const name = [givenName, familyName].filter(Boolean).join(' ');
  // Who has but one name is called by it.
  return givenName
    ? { name, givenName, familyName: familyName || null }
    : { name, givenName: name, familyName: null };
}

/** Whether there is a name at all: something with a letter in it. */
export function isName(text: string): boolean {
  return /\p{L}/u.test(text);
}

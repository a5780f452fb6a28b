/** What a child's passcode is made of. */
export type PasscodeKind = 'pictures' | 'digits';

/** The words of picture passcodes; each has a drawing in the interface. */
export const PICTURE_WORDS = [
  'kite',
  'boat',
  'boot',
  'pear',
  'bell',
  'fish',
  'lamp',
  'drum',
  'leaf',
  'moon',
  'key',
  'cup',
] as const;

/** How many words or digits make a passcode. */
export const PASSCODE_LENGTH: Readonly<Record<PasscodeKind, number>> = { pictures: 3, digits: 4 };

/**
 * A new passcode.
 * @param random a whole number from 0 to below its argument, each as likely: the caller's source of chance
 */
export function newPasscode(kind: PasscodeKind, random: (below: number) => number): string {
  const signs = Array.from({ length: PASSCODE_LENGTH[kind] }, () =>
    kind === 'pictures' ? (PICTURE_WORDS[random(PICTURE_WORDS.length)] ?? '') : String(random(10)),
  );
  return signs.join(kind === 'pictures' ? ' ' : '');
}

/** A passcode as it is compared: words with single spaces, without case; digits without anything between them. */
export function comparablePasscode(typed: string): string {
  const words = typed
    .trim()
    .toLowerCase()
    .replace(/[\s,.-]+/g, ' ');
  return /^[\d ]+$/.test(words) ? words.replaceAll(' ', '') : words;
}

/** Letters and digits that cannot be mistaken for each other on a printed card. */
const CODE_SIGNS = { letters: 'ABCDEFGHJKLMNPQRSTUVWXYZ', digits: '23456789' };

/** A new class code: four letters and four digits, none of which looks like another. */
export function newClassCode(random: (below: number) => number): string {
  const some = (signs: string) =>
    Array.from({ length: 4 }, () => signs.charAt(random(signs.length))).join('');
  return some(CODE_SIGNS.letters) + some(CODE_SIGNS.digits);
}

/** A class code as it is compared: without case, spaces and hyphens. */
export function comparableCode(typed: string): string {
  return typed.toUpperCase().replace(/[^A-Z0-9]/g, '');
}

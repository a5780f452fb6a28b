import { before, placesOf, type Looked, type Place } from '../found';

/** Characters of an IBAN by country (ISO 13616 registry). */
const LENGTHS: Readonly<Record<string, number>> = {
  ...{
    AD: 24,
    AT: 20,
    BE: 16,
    BG: 22,
    CH: 21,
    CY: 28,
    CZ: 24,
    DE: 22,
    DK: 18,
    EE: 20,
    ES: 24,
    FI: 18,
    FR: 27,
  },
  ...{
    GB: 22,
    GI: 23,
    GR: 27,
    HR: 21,
    HU: 28,
    IE: 22,
    IS: 26,
    IT: 27,
    LI: 21,
    LT: 20,
    LU: 20,
    LV: 21,
    MC: 27,
  },
  ...{ MT: 31, NL: 18, NO: 15, PL: 28, PT: 25, RO: 24, SE: 24, SI: 19, SK: 24, SM: 27, TR: 26, UA: 29 },
};
const IBAN = /(?<![\p{L}\p{N}])[A-Z]{2}[ -]?\d{2}(?:[ -]?[A-Z0-9]){11,30}/giu;
const CARD = /(?<![\p{L}\p{N}.,-])\d(?:[ -]?\d){12,18}(?![\p{L}\p{N}]|[.,-]\d)/gu;
/** Books have thirteen digits too. */
const BOOK = /^97[89]/;

/** Numbers of bank accounts with right check digits, and of cards. */
export function accounts({ text }: Looked): readonly Place[] {
  const ibans = placesOf(text, IBAN).flatMap((place) => maybeIban(text, place) ?? []);
  const cards = placesOf(text, CARD).filter(({ from, to }) => {
    const digits = text.slice(from, to).replace(/\D/g, '');
    return isLuhn(digits) && !BOOK.test(digits) && !/\b(?:isbn|ean|barcode)\b/i.test(before(text, from, 20));
  });
  return [...ibans, ...cards];
}

/** As much of it as an account of its country has. */
function maybeIban(text: string, { from, to }: Place): Place | null {
  const length = LENGTHS[text.slice(from, from + 2).toUpperCase()];
  let [iban, at] = ['', from];
  for (; at < to && iban.length < (length ?? 34); at += 1)
    if (/[\p{L}\p{N}]/u.test(text.charAt(at))) iban += text.charAt(at).toUpperCase();
  if ((length !== undefined && iban.length !== length) || /[\p{L}\p{N}]/u.test(text.charAt(at))) return null;
  return hasRightCheck(iban) ? { from, to: at } : null;
}

/** ISO 7064, MOD 97-10. */
function hasRightCheck(iban: string): boolean {
  const turned = iban.slice(4) + iban.slice(0, 4);
  let rest = 0;
  for (const sign of turned)
    for (const digit of String(parseInt(sign, 36))) rest = (rest * 10 + Number(digit)) % 97;
  return rest === 1;
}

/** ISO/IEC 7812, annex B. */
function isLuhn(digits: string): boolean {
  let sum = 0;
  for (let index = 0; index < digits.length; index += 1) {
    const digit = Number(digits[digits.length - 1 - index]);
    const doubled = index % 2 === 1 ? digit * 2 : digit;
    sum += doubled > 9 ? doubled - 9 : doubled;
  }
  return sum % 10 === 0 && !/^(\d)\1+$/.test(digits);
}

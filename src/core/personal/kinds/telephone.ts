import { isSupportedCountry, parsePhoneNumberFromString } from 'libphonenumber-js/max';
import { before, placesOf, type Looked, type Place } from '../found';

/** Digits with what is usual between them; never a comma, which parts numbers of a list. */
const CANDIDATE =
  /(?<![\p{L}\p{N}.,:/#%€$£_-]|[\p{L}\p{N}] ?[×x*=] ?)(?:\+|\(\+?)?\d(?:[ \t\u00A0\u202F().\/-]{0,3}\d){5,16}(?![\p{L}\p{N}]|[.,:/-]\d|\s?[%°€$£])/gu;
/** Words that say that a number is for calling, folded. */
const WORDS =
  /(?<![\p{L}])(?:call|calls|ring|rings|text|texts|phone|phones|telephone|tel|mobile|cell|cellphone|number is|my number|whatsapp|sms|fax|dial|ruf|ruft|rufe|anruf|anrufen|ruf an|telefon|telefonnummer|handy|handynummer|nummer ist|meine nummer|mobil|appelle|appelez|appeler|telephonez|portable|mon numero|numero est|llama|llamad|llame|llamar|telefono|movil|mi numero|numero es)(?![\p{L}])/u;
/** How far from a number such a word may stand. */
const NEAR = 48;
const FEWEST = 7;
const MOST = 15;

/**
 * Telephone numbers: with a plus, valid in the country, or, of seven digits and more, possible there; after a word that says so
 * whatever has as many digits. Measurements, years, scores, times, dates, prices and numbers of books are none.
 */
export function telephones({ text, folded, country }: Looked): readonly Place[] {
  return placesOf(text, CANDIDATE)
    .map((place) => trimmed(text, place))
    .filter((place) => {
      const number = text.slice(place.from, place.to);
      const digits = number.replace(/\D/g, '');
      if (digits.length < FEWEST || digits.length > MOST || isSomethingElse(number, text, place))
        return false;
      if (WORDS.test(before(folded, place.from, NEAR))) return true;
      if (isCount(number, text, place)) return false;
      const home = country.toUpperCase();
      const read = parsePhoneNumberFromString(number, isSupportedCountry(home) ? home : undefined);
      if (!read) return false;
      return number.includes('+')
        ? read.isPossible()
        : read.isValid() || (read.isPossible() && isDialled(number));
    });
}

/** Without the signs at its end that belong to the sentence. */
function trimmed(text: string, { from, to }: Place): Place {
  const opens = text.charAt(from) === '(' && !text.slice(from, to).includes(')');
  return { from: opens ? from + 1 : from, to };
}

const BOOK = /^97[89][\s-]/;
const DATES = [
  /^\d{4}[-./]\d{1,2}[-./]\d{1,2}$/,
  /^\d{1,2}[-./]\d{1,2}[-./]\d{2,4}$/,
  /^(?:1[0-9]|20)\d{2}(?:\s?[-/]\s?|\s)(?:(?:1[0-9]|20)\d{2}(?:[-/\s]+|$))+$/,
  /^(?:\d{1,2}[.]\d{1,2}[\s-]+)+\d{1,2}[.]\d{1,2}$/,
];

function isSomethingElse(number: string, text: string, { from, to }: Place): boolean {
  return (
    BOOK.test(number) ||
    // So many of something: "1200000 words".
    (/^[1-9][\d .]*0{3}$/.test(number) && /^\s\p{Ll}/u.test(text.slice(to, to + 2))) ||
    /\b(?:isbn|issn|ean|barcode)\b/i.test(before(text, from, 24)) ||
    DATES.some((date) => date.test(number.trim())) ||
    // A decimal, or a list of readings.
    /^\d+\.\d+(?:\s+\d+\.\d+)*$/.test(number)
  );
}

/** A number with its thousands apart, or of something that is counted. */
function isCount(number: string, text: string, { to }: Place): boolean {
  if (/^[0+(]/.test(number)) return false;
  const thousands = /^[1-9]\d{0,2}(?:[ .\u00A0\u202F]\d{3})+$/.test(number);
  return thousands && (/0{3}$/.test(number) || /^\s+\p{Ll}/u.test(text.slice(to, to + 3)));
}

/** Written as one dials: from a trunk digit on, or in groups. */
function isDialled(number: string): boolean {
  return /^\(?0/.test(number) || /\d[ ()./-]+\d/.test(number);
}

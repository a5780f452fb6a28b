import { foldUnits, placesOf, type Looked, type Place } from '../found';

const MONTHS = [
  ...['january', 'february', 'march', 'april', 'may', 'june', 'july', 'august', 'september', 'october'],
  ...[
    'november',
    'december',
    'jan',
    'feb',
    'mar',
    'apr',
    'jun',
    'jul',
    'aug',
    'sept',
    'sep',
    'oct',
    'nov',
    'dec',
  ],
  ...['januar', 'janner', 'februar', 'marz', 'mai', 'juni', 'juli', 'oktober', 'dezember'],
  ...['janvier', 'fevrier', 'mars', 'avril', 'juin', 'juillet', 'aout', 'septembre', 'octobre', 'novembre'],
  ...['decembre', 'enero', 'febrero', 'marzo', 'abril', 'mayo', 'junio', 'julio', 'agosto', 'septiembre'],
  ...['setiembre', 'octubre', 'noviembre', 'diciembre'],
]
  .sort((one, other) => other.length - one.length)
  .join('|');
const DAY = String.raw`(?:[0-2]?\d|3[01])(?:st|nd|rd|th|er|\.|º)?`;
const YEAR = String.raw`(?:,?\s+(?:of\s|de\s|del\s)?(?:1[89]|20)\d{2})?`;
const DATE = new RegExp(
  String.raw`(?<![\p{L}\p{N}])(?:${DAY}\s+(?:of\s+|de\s+|the\s+)?(?:${MONTHS})\.?${YEAR}|(?:${MONTHS})\.?\s+(?:the\s+)?${DAY}${YEAR}|\d{1,2}[./-]\d{1,2}[./-](?:\d{4}|\d{2})|(?:19|20)\d{2}-\d{2}-\d{2})(?![\p{L}\p{N}])`,
  'gu',
);
/** What makes a date somebody's, folded. */
const BORN = new RegExp(
  String.raw`(?<![\p{L}])(?:born|birthday|birthdays|bday|b-day|date of birth|dob|(?:turn|turns|turned|turning|be|am|is) (?:\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen)(?: years old)? (?:on|this|next)|(?:turn|turns|turned|turning) (?:\d{1,2}|\p{L}+)|geboren|geburtstag|geburtsdatum|(?:werde|wird|wurde) (?:\d{1,2}|\p{L}+) (?:jahre )?(?:alt)?|nee?|naissance|anniversaire|j'aurai|(?:aura|eu) \d{1,2} ans|naci|nacio|nacida|nacido|nacimiento|cumpleanos|cumplo|cumple|cumplire)(?![\p{L}])`,
  'u',
);
/** Words that are said of oneself, folded; some say it in the verb. */
const OWN =
  /(?<![\p{L}])(?:i|i'm|i'll|my|me|mine|we|our|us|ich|mein|meine|meinen|meinem|mir|mich|wir|unser|unsere|uns|je|j'[\p{L}]+|mon|ma|mes|moi|nous|notre|nos|yo|mi|mis|me|naci|cumplo|cumplire|nosotros|nuestro|nuestra)(?![\p{L}])/u;
/** The end of a sentence; a German day has a dot of its own. */
const ENDS = new RegExp(
  String.raw`[!?\n]|(?<!\b\d{1,2})\.(?:\s|$)|\.(?=\s+\p{Lu})(?!\s+(?:${MONTHS})\b)`,
  'giu',
);
/** Whoever was born earlier is somebody of history. */
const EARLIEST = 1900;

/** A date, or day and month, in the same sentence as a birth or birthday of oneself or of somebody on the roster. */
export function birthDates({ text, folded, people }: Looked): readonly Place[] {
  const names = people.map(({ givenName }) => foldUnits(givenName.trim())).filter(Boolean);
  return placesOf(folded, DATE).filter(({ from, to }) => {
    const year = /\d{4}/.exec(folded.slice(from, to))?.[0];
    if (year !== undefined && Number(year) < EARLIEST) return false;
    const sentence = sentenceAround(text, folded, { from, to });
    return BORN.test(sentence) && (OWN.test(sentence) || names.some((name) => says(sentence, name)));
  });
}

function says(sentence: string, name: string): boolean {
  const escaped = name.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`);
  return new RegExp(String.raw`(?<![\p{L}])${escaped}(?![\p{L}])`, 'u').test(sentence);
}

function sentenceAround(text: string, folded: string, { from, to }: Place): string {
  let [begins, ends] = [0, text.length];
  for (const { index, 0: sign } of folded.matchAll(ENDS)) {
    if (index < from) begins = index + sign.length;
    else if (index >= to) {
      ends = index;
      break;
    }
  }
  return folded.slice(begins, ends);
}

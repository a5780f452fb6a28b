import { placesOf, type Looked, type Place } from '../found';

/** Words after which a number is that of a person, folded, in the languages that are read. */
const WORDS = [
  'passport',
  'pps',
  'ppsn',
  'national insurance',
  'ni number',
  'nino',
  'social security',
  'ssn',
  'student (?:number|no|id)',
  'pupil number',
  'identity (?:card|number)',
  'id (?:card|number)',
  'driving licen[cs]e',
  "driver'?s licen[cs]e",
  'medicare',
  'nhs number',
  'pass-?nummer',
  'reisepass',
  'personalausweis(?:nummer)?',
  'ausweisnummer',
  'ausweis',
  'schulernummer',
  'matrikelnummer',
  'sozialversicherungsnummer',
  'versicherungsnummer',
  'steuer-?(?:id|nummer)',
  'fuhrerschein(?:nummer)?',
  'passeport',
  "carte d'identite",
  'numero de securite sociale',
  'securite sociale',
  "numero d'etudiant",
  'pasaporte',
  'dni',
  'nie',
  'carne de identidad',
  'documento de identidad',
  'numero de estudiante',
  'seguridad social',
];
const NUMBER = String.raw`(?:[A-Za-z]{1,3}[ -]?)?\d[\dA-Za-z]*(?:[ -]\d[\dA-Za-z]*)*(?:[ -]?[A-Za-z](?![\p{L}\p{N}]))?`;
const AFTER_WORD = new RegExp(
  String.raw`(?<![\p{L}\p{N}])(?:${WORDS.join('|')})(?![\p{L}\p{N}])[^.!?\n\d]{0,40}?(?<![\p{L}\p{N}])(?<detail>${NUMBER}|[A-Za-z]\d[\dA-Za-z]+)(?![\p{L}\p{N}])`,
  'giu',
);
const FORMS = /(?<![\p{L}\p{N}])(?:\d{7}[A-W][A-IW]?|[XYZ]?\d{7,8}[A-Z])(?![\p{L}\p{N}])/gu;
/** Fewer signs and fewer digits are a count of something. */
const SHORTEST = { signs: 5, digits: 4 };

/** Numbers of persons: after a word that says so, or with right check letters. */
export function identities(looked: Looked): readonly Place[] {
  const { text } = looked;
  const formed = placesOf(text, FORMS).filter(({ from, to }) => hasRightLetter(text.slice(from, to)));
  return [...identitiesByWord(looked), ...formed];
}

export function identitiesByWord({ text, folded }: Looked): readonly Place[] {
  return placesOf(folded, AFTER_WORD)
    .map((place) => withoutSmallWords(text, place))
    .filter(({ from, to }) => {
      const bare = text.slice(from, to).replace(/[ -]/g, '');
      const digits = bare.replace(/\D/g, '');
      return bare.length >= SHORTEST.signs && digits.length >= SHORTEST.digits;
    });
}

/** "is" before a number and "y" after it are words of the sentence. */
function withoutSmallWords(text: string, { from, to }: Place): Place {
  const number = text.slice(from, to);
  const before = /^\p{Ll}+ /u.exec(number)?.[0].length ?? 0;
  const after = / \p{Ll}$/u.exec(number)?.[0].length ?? 0;
  return { from: from + before, to: to - after };
}

const IRISH = 'WABCDEFGHIJKLMNOPQRSTUV';
const SPANISH = 'TRWAGMYFPDXBNJZSQVHLCKE';

/** The check letters of an Irish PPS number, and of a Spanish DNI or NIE. */
function hasRightLetter(number: string): boolean {
  const irish = /^(\d{7})([A-W])([A-IW])?$/.exec(number);
  if (irish) {
    const [, digits = '', letter = '', second = 'W'] = irish;
    const sum = Array.from(digits).reduce((all, digit, index) => all + Number(digit) * (8 - index), 0);
    if (IRISH[(sum + IRISH.indexOf(second) * 9) % 23] === letter) return true;
  }
  const spanish = /^([XYZ]?)(\d{7,8})([A-Z])$/.exec(number);
  if (!spanish) return false;
  const [, first = '', digits = '', letter = ''] = spanish;
  const whole = first === '' ? digits : `${'XYZ'.indexOf(first)}${digits}`;
  return whole.length === 8 && SPANISH[Number(whole) % 23] === letter;
}

import { fold } from '../text/alike';
import { rememberByText } from '../text/remember';
import { dotsItsDays, everyMonthName } from './datePattern';

/** The number that a heading begins with, and the rest of it. */
interface EntryNumber {
  readonly number: number;
  /** What stands after the number and its separator. */
  readonly title: string;
  /** Whether that says anything. */
  readonly titled: boolean;
}

/** Words that may stand before the number, folded, by language; English ones everywhere. */
const BEFORE: Readonly<Record<string, readonly string[]>> = {
  en: ['no', 'nr', 'num', 'number', 'day', 'entry', 'week', 'part', 'lesson', 'log'],
  de: ['nr', 'nummer', 'tag', 'eintrag', 'woche', 'teil', 'stunde'],
  fr: ['n', 'no', 'num', 'numero', 'jour', 'entree', 'semaine', 'partie', 'lecon'],
  es: ['n', 'no', 'num', 'numero', 'dia', 'entrada', 'semana', 'parte', 'leccion'],
  it: ['n', 'no', 'num', 'numero', 'giorno', 'voce', 'settimana', 'parte'],
  nl: ['nr', 'nummer', 'dag', 'notitie', 'week', 'deel', 'les'],
  pl: ['nr', 'numer', 'dzien', 'wpis', 'tydzien', 'czesc'],
  pt: ['n', 'no', 'num', 'numero', 'dia', 'entrada', 'semana', 'parte'],
};
const DASH = String.raw`[\p{Pd}\u2212]`;

type Reader = (heading: string) => EntryNumber | null;

/** Months and words of a language never change, and asking for them takes long. */
const READERS = new Map<string, Reader>();

/** Reads the numbers of headings in one class's language. */
export function entryNumberReader(language: string): Reader {
  const reader = READERS.get(language) ?? makeReader(language);
  READERS.set(language, reader);
  return reader;
}

function makeReader(language: string): Reader {
  const tongue = language.toLowerCase().split('-')[0] ?? 'en';
  const words = [...new Set([...(BEFORE['en'] ?? []), ...(BEFORE[tongue] ?? [])])].sort(
    (a, b) => b.length - a.length,
  );
  const before = new RegExp(
    String.raw`^(?:[\p{S}\u200D\uFE0F\u00BA\u00AA#\s]+|(?:${words.join('|')})(?![\p{L}])[.:]?)*`,
    'u',
  );
  const months = everyMonthName(language).join('|');
  const dotted = dotsItsDays(language) ? String.raw`|\.\s*(?:${months})(?!\p{L})` : '';
  const date = new RegExp(String.raw`^(?:\s+\d|(?:[.:]|${DASH})\d|\s+(?:${months})(?!\p{L})${dotted})`, 'u');
  const separator = new RegExp(String.raw`^(?:[\s.):]|${DASH})`, 'u');
  const separators = new RegExp(String.raw`^(?:[\s.):]|${DASH})+`, 'u');
  return rememberByText((heading) => {
    const text = fold(heading).trim().replace(before, '');
    const digits = /^\d{1,3}(?!\d)/.exec(text)?.[0];
    if (digits === undefined) return null;
    const rest = text.slice(digits.length);
    if (rest !== '' && !separator.test(rest)) return null;
    if (date.test(rest)) return null;
    const title = rest.replace(separators, '').trim();
    return { number: Number(digits), title, titled: /[\p{L}\p{N}]/u.test(title) };
  });
}

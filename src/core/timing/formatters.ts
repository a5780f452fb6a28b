import { kept } from './kept';

const formats = new Map<string, Intl.DateTimeFormat>();
const relatives = new Map<string, Intl.RelativeTimeFormat>();
const languages = new Map<string, string>();

/** The format of a language for dates; making one anew takes a hundred times as long as using it. */
export function dateFormat(locale: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  return kept(
    formats,
    `${locale} ${JSON.stringify(options)}`,
    () => new Intl.DateTimeFormat(locale, options),
  );
}

/** The same for how long ago something was. */
export function relativeFormat(locale: string): Intl.RelativeTimeFormat {
  return kept(relatives, locale, () => new Intl.RelativeTimeFormat(locale, { numeric: 'auto' }));
}

/** The language of a locale: `en` of `en-GB`. */
export function languageIn(locale: string): string {
  return kept(languages, locale, () => new Intl.Locale(locale).language);
}

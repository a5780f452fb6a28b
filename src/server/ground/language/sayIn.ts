import { createTranslator, type AbstractIntlMessages } from 'next-intl';
import type { HouseLanguage } from '../../../core/languages/languages';
import { CATALOGUES } from '../../../messages/catalogues';

/** Says a sentence of one part of the catalogue. */
export type Say = (key: string, values?: Readonly<Record<string, string | number>>) => string;

/** The sentences of one part of the catalogue in a language, for what is read outside our pages: mails, files to take along. */
export function sayIn(language: HouseLanguage, part: 'mail' | 'archive'): Say {
  // The type of the whole catalogue is more than the compiler wants to follow here.
  const messages: AbstractIntlMessages = CATALOGUES[language][part];
  const t: unknown = createTranslator({ locale: language, messages });
  return t as Say;
}

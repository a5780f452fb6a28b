import { getRequestConfig } from 'next-intl/server';
import { houseLanguage } from '../core/languages/languages';
import { currentLanguage } from '../server/http/language';
import { CATALOGUES } from './catalogues';

/** The words of a page, in the language that its reader is spoken to. */
export default getRequestConfig(async () => {
  const locale = await currentLanguage();
  return { locale, messages: CATALOGUES[houseLanguage(locale) ?? 'en'], timeZone: 'UTC' };
});

import { createTranslator, type AbstractIntlMessages } from 'next-intl';
import type { ReadersWords } from '@/components/blog/readersWords';
import { houseLanguage } from '@/core/languages/languages';
import { CATALOGUES } from '@/messages/catalogues';

const made = new Map<string, ReadersWords>();

/** The words of readers' pages in a language, made once. @param tag of a language of the house, such as `de-AT` */
export function wordsIn(tag: string): ReadersWords {
  const known = made.get(tag) ?? wordsOf(tag);
  made.set(tag, known);
  return known;
}

function wordsOf(tag: string): ReadersWords {
  // The type of the whole catalogue is more than the compiler wants to follow here; `SayOf` says what each part is.
  const messages: AbstractIntlMessages = CATALOGUES[houseLanguage(tag) ?? 'en'];
  const say = (namespace: string): unknown =>
    createTranslator({ locale: tag, messages, namespace, timeZone: 'UTC' });
  const refusals = say('refusals') as {
    (key: string, values?: Readonly<Record<string, string | number>>): string;
    has(key: string): boolean;
  };
  const numbers = say('numbers') as { (key: string): string; has(key: string): boolean };
  return {
    tag,
    blog: say('blog') as ReadersWords['blog'],
    audience: say('audience') as ReadersWords['audience'],
    awayWords: say('awayWords') as ReadersWords['awayWords'],
    worry: say('worry') as ReadersWords['worry'],
    notFound: say('notFound') as ReadersWords['notFound'],
    error: say('error') as ReadersWords['error'],
    number: (count) => (numbers.has(String(count)) ? numbers(String(count)) : count.toLocaleString(tag)),
    refusal: ({ code, values }) => refusals(refusals.has(code) ? code : 'input.other', values),
  };
}

import type { Speller } from '../requirements/post';

/** A Hunspell dictionary: its affix file and its word list, both as text. */
export interface Dictionary {
  readonly aff: string;
  readonly dic: string;
}

/** A speller that also says what might have been meant. */
export interface SuggestingSpeller extends Speller {
  /** Words that are near, the likeliest first. */
  suggest(word: string): readonly string[];
}

/** Which of our dictionaries a class's language is spelt by, or null where there is none. */
export function dictionaryName(language: string): 'en' | 'en-gb' | 'de' | 'fr' | 'es' | null {
  const [tongue = '', ...more] = language.toLowerCase().split('-');
  const region = more.at(-1);
  if (tongue === 'en') return region === undefined || region === 'us' ? 'en' : 'en-gb';
  return tongue === 'de' || tongue === 'fr' || tongue === 'es' ? tongue : null;
}

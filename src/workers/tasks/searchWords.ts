import { wordsOfText, type WordsFound } from '../../core/search/indexed';
import { maybeSpeller } from './spellers';

/** The words of a text as they are searched, with what the compounds of their language end with. @param language a tag */
export async function searchWords({
  text,
  language,
}: {
  readonly text: string;
  readonly language: string;
}): Promise<WordsFound> {
  const speller = await maybeSpeller(language);
  return wordsOfText(text, speller && ((word) => speller.knows(word)));
}

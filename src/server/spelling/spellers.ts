import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { PostToCheck } from '../../core/requirements/post';
import { asksFor, type Requirement } from '../../core/requirements/requirement';
import {
  dictionaryName,
  makeSpeller,
  type Dictionary,
  type SuggestingSpeller,
} from '../../core/spelling/speller';

const NAMES = ['en', 'en-gb', 'de', 'fr', 'es'] as const;
type Name = NonNullable<ReturnType<typeof dictionaryName>>;

/** Dictionaries never change while a process lives, so each is read once. */
const read = new Map<Name, SuggestingSpeller>();

/** The speller of a class's language, or null where there is no dictionary for it. */
export function maybeSpeller(language: string): SuggestingSpeller | null {
  const name = dictionaryName(language);
  if (!name) return null;
  const speller = read.get(name) ?? makeSpeller(readDictionary(name));
  read.set(name, speller);
  return speller;
}

/** The dictionary of an assignment's language, where one of its requirements asks about spelling: reading one takes long. */
export function spellerFor(
  requirements: readonly Requirement[],
  language: string,
): Pick<PostToCheck, 'speller'> {
  return asksFor(requirements, 'spelling') ? { speller: maybeSpeller(language) } : {};
}

/** The dictionary of one of our names, or null. */
export function maybeDictionary(name: string): Dictionary | null {
  const known = NAMES.find((one) => one === name);
  return known ? readDictionary(known) : null;
}

/** A dictionary's two files, as its package brings them. */
function readDictionary(name: Name): Dictionary {
  const file = (kind: 'aff' | 'dic') =>
    readFileSync(path.join(process.cwd(), 'node_modules', `dictionary-${name}`, `index.${kind}`), 'utf8');
  return { aff: file('aff'), dic: file('dic') };
}

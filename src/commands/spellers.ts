import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { PostToCheck } from '../core/requirements/post';
import { asksFor, type Requirement } from '../core/requirements/requirement';
import { dictionaryName, makeSpeller, type SuggestingSpeller } from '../core/spelling/speller';

/** Dictionaries never change while a process lives, so each is read once. */
const read = new Map<string, SuggestingSpeller>();

/** The speller of a language, or null where there is no dictionary for it. */
export function maybeSpeller(language: string): SuggestingSpeller | null {
  const name = dictionaryName(language);
  if (!name) return null;
  const file = (kind: 'aff' | 'dic') =>
    readFileSync(path.join(process.cwd(), 'node_modules', `dictionary-${name}`, `index.${kind}`), 'utf8');
  const speller = read.get(name) ?? makeSpeller({ aff: file('aff'), dic: file('dic') });
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

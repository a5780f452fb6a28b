import { readFileSync } from 'node:fs';
import path from 'node:path';
import { createHunspellFromStrings } from 'hunspell-wasm';
import type { Speller } from '../../core/requirements/post';
import { dictionaryName } from '../../core/spelling/speller';

/** Dictionaries never change while a thread lives, so each is read once in it: a few tenths of a second. */
const read = new Map<string, Promise<Speller>>();

/** The speller of a language, or null where there is no dictionary for it. */
export async function maybeSpeller(language: string): Promise<Speller | null> {
  const name = dictionaryName(language);
  if (!name) return null;
  const speller = read.get(name) ?? readSpeller(name);
  read.set(name, speller);
  return speller;
}

async function readSpeller(name: string): Promise<Speller> {
  const file = (kind: 'aff' | 'dic') =>
    readFileSync(path.join(process.cwd(), 'node_modules', `dictionary-${name}`, `index.${kind}`), 'utf8');
  const hunspell = await createHunspellFromStrings(file('aff'), file('dic'));
  return { knows: (word) => hunspell.testSpelling(word) };
}

import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Speller } from '../../core/requirements/post';
import { dictionaryName } from '../../core/spelling/speller';
import { makeSpeller } from '../makeSpeller';

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

function readSpeller(name: string): Promise<Speller> {
  const bytes = (at: string) => readFileSync(path.join(process.cwd(), 'node_modules', at));
  const text = (kind: 'aff' | 'dic') => bytes(`dictionary-${name}/index.${kind}`).toString('utf8');
  return makeSpeller({ aff: text('aff'), dic: text('dic') }, bytes('hunspell-wasm/wasm/hunspell.wasm'));
}

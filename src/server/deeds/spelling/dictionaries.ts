import { readFile } from 'node:fs/promises';
import path from 'node:path';
import type { Dictionary } from '../../../core/spelling/speller';

const NAMES = ['en', 'en-gb', 'de', 'fr', 'es'] as const;

/** The dictionary of one of our names, as its package brings it, with the licence that goes wherever it goes; or null. */
export async function maybeDictionary(
  name: string,
): Promise<(Dictionary & { readonly licence: string }) | null> {
  const known = NAMES.find((one) => one === name);
  if (!known) return null;
  const file = (at: string) =>
    readFile(path.join(process.cwd(), 'node_modules', `dictionary-${known}`, at), 'utf8');
  return { aff: await file('index.aff'), dic: await file('index.dic'), licence: await file('license') };
}

/** The speller itself, Hunspell compiled to WebAssembly, as its package brings it. */
export function readSpellerProgram(): Promise<Buffer> {
  return readFile(path.join(process.cwd(), 'node_modules/hunspell-wasm/wasm/hunspell.wasm'));
}

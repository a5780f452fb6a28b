import { readFile } from 'node:fs/promises';
import path from 'node:path';
import type { Dictionary } from '../../core/spelling/speller';

const NAMES = ['en', 'en-gb', 'de', 'fr', 'es'] as const;

/** The dictionary of one of our names, as its package brings it, or null. */
export async function maybeDictionary(name: string): Promise<Dictionary | null> {
  const known = NAMES.find((one) => one === name);
  if (!known) return null;
  const file = (kind: 'aff' | 'dic') =>
    readFile(path.join(process.cwd(), 'node_modules', `dictionary-${known}`, `index.${kind}`), 'utf8');
  return { aff: await file('aff'), dic: await file('dic') };
}

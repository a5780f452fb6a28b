import { Hunspell } from 'hunspell-wasm';
import initialize from 'hunspell-wasm/wasm/hunspell.js';
import type { Dictionary, SuggestingSpeller } from '../core/spelling/speller';

/** What the package's own types leave out. */
type Initialize = (from: { readonly wasmBinary: ArrayBuffer | Uint8Array }) => Promise<unknown>;

/**
 * Reads a dictionary, a few tenths of a second for the largest; the same speller in a browser's worker, on the server and on the
 * command line, so that all three say the same.
 * @param program the bytes of `hunspell.wasm`
 */
export async function makeSpeller(
  { aff, dic }: Dictionary,
  program: ArrayBuffer | Uint8Array,
): Promise<SuggestingSpeller> {
  const started = await (initialize as Initialize)({ wasmBinary: program });
  const hunspell = new Hunspell(started, aff, dic);
  return {
    knows: (word) => hunspell.testSpelling(word),
    suggest: (word) => hunspell.getSpellingSuggestions(word),
  };
}

import type { Anchor } from '../../core/notes/anchor';
import { SealedStore } from '../basics/device';

/** Words about a classmate's text that are on this device only. */
export interface UnsavedPeerWords {
  readonly anchor: Anchor | null;
  /** Empty where they were taken away. */
  readonly words: string;
  /** What the server had when they were typed. */
  readonly base: string;
}

/** By person and reading: what was said under each name. */
export const unsavedPeerWords = new SealedStore<Readonly<Record<string, UnsavedPeerWords>>>('peerWords');

/**
 * What stands where words were left on a device: those, or, where others were kept from elsewhere meanwhile, both, so that none
 * are lost. Null where the server has them.
 * @param there what the server has now
 */
export function takenUp(
  { words, base }: Pick<UnsavedPeerWords, 'words' | 'base'>,
  there: string,
): string | null {
  if (words === there) return null;
  if (there === base || there === '') return words;
  return words === '' ? null : `${there}\n${words}`;
}

import type { Eyes } from '../../../core/access/eyes';

/** Somebody who reads a class blog. */
export interface Reader {
  readonly personId: string | null;
  /** The token of a device that has shown a passphrase at some time. */
  readonly device: string | null;
  /** For teachers: whose eyes to read with. */
  readonly as: Eyes | null;
}

/** A reader of whom no more is known than who they are. */
export function readerOf(personId: string | null): Reader {
  return { personId, device: null, as: null };
}

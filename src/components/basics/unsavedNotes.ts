import type { Anchor } from '../../core/notes/anchor';
import type { NoteTarget } from '../../core/notes/note';
import { SealedStore, type Owned } from './device';

/** A note whose words are on this device only. */
export interface UnsavedNote {
  readonly postId: string;
  readonly handInId: string;
  readonly target: NoteTarget;
  readonly targetId: string | null;
  readonly anchor: Anchor | null;
  readonly text: string;
  readonly suggested: string | null;
  /** The version that it was typed on; 0 for one that the server does not have. */
  readonly version: number;
  /** The page that it was typed on. */
  readonly page: string;
}

const notes = new SealedStore<UnsavedNote>('notes');

export const keepUnsavedNote = (whose: Owned, note: UnsavedNote): Promise<boolean> => notes.keep(whose, note);

export const forgetUnsavedNote = (whose: Owned): Promise<void> => notes.forget(whose);

/** The notes at a post that an earlier visit left unsaved, by id. */
export async function listUnsavedNotes(
  { personId, sealKey }: Omit<Owned, 'id'>,
  postId: string,
): Promise<ReadonlyMap<string, UnsavedNote>> {
  const found = new Map<string, UnsavedNote>();
  for (const id of await notes.list(personId)) {
    const note = await notes.find({ personId, id, sealKey });
    if (note?.postId === postId) found.set(id, note);
  }
  return found;
}

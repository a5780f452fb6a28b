import { NOTHING_BESIDE } from '../../core/posts/beside';
import type { Writing } from './composeProps';

/** Words that are on this device only, and the version that they were written on. */
export interface UnsavedCopy {
  readonly version: number;
  readonly writing: Writing;
}

/** Unsaved words wait on this device for their writer alone: the key holds the person. */
function keyOf(personId: string, postId: string): string {
  return `porch:unsaved:${personId}:${postId}`;
}

/** Keeps what is not saved yet on this device. False where the device has no room or forbids it. */
export function keepUnsaved(personId: string, postId: string, copy: UnsavedCopy): boolean {
  try {
    localStorage.setItem(keyOf(personId, postId), JSON.stringify(copy));
    return true;
  } catch (error) {
    // Full or forbidden storage; the words are still in the page, and the save state says so.
    if (error instanceof DOMException) return false;
    throw error;
  }
}

/** What an earlier visit left unsaved, or null. */
export function findUnsaved(personId: string, postId: string): UnsavedCopy | null {
  try {
    const kept = localStorage.getItem(keyOf(personId, postId));
    if (kept === null) return null;
    const copy = JSON.parse(kept) as UnsavedCopy;
    // A copy that an older page of ours left has less beside the text.
    const beside: unknown = copy.writing.beside;
    return beside ? copy : { ...copy, writing: { ...copy.writing, beside: NOTHING_BESIDE } };
  } catch (error) {
    if (error instanceof DOMException || error instanceof SyntaxError) return null;
    throw error;
  }
}

/** Forgets the copy once the server has the words. */
export function forgetUnsaved(personId: string, postId: string): void {
  try {
    localStorage.removeItem(keyOf(personId, postId));
  } catch (error) {
    if (!(error instanceof DOMException)) throw error;
  }
}

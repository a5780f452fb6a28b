import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { NOTHING_BESIDE } from '../../core/posts/beside';
import type { Writing } from './composeProps';

/** Words that are on this device only, and the version that they were written on. */
export interface UnsavedCopy {
  readonly version: number;
  readonly writing: Writing;
}

interface Device extends DBSchema {
  /** By person and post: unsaved words wait on this device for their writer alone. */
  unsaved: { key: [personId: string, postId: string]; value: UnsavedCopy };
}

let opened: Promise<IDBPDatabase<Device>> | null = null;

function device(): Promise<IDBPDatabase<Device>> {
  opened ??= openDB<Device>('green-porch', 1, {
    upgrade: (database) => void database.createObjectStore('unsaved'),
    // Another page of ours wants to bring the form up to date; it is opened again when it is needed.
    blocking: () => void closeDevice(),
    terminated: () => (opened = null),
  });
  return opened;
}

/** Lets go of the device's store. */
export async function closeDevice(): Promise<void> {
  const database = await opened?.catch(() => null);
  database?.close();
  opened = null;
}

/** Keeps what is not saved yet on this device. False where the device has no room or forbids it. */
export function keepUnsaved(personId: string, postId: string, copy: UnsavedCopy): Promise<boolean> {
  return onDevice(async (database) => {
    const transaction = database.transaction('unsaved', 'readwrite');
    const put = transaction.store.put(copy, [personId, postId]);
    // Said at once that nothing more comes, so that it is kept even if the page is gone before the browser answers.
    transaction.commit();
    await Promise.all([put, transaction.done]);
    return true;
  }, false);
}

/** What an earlier visit left unsaved, or null. */
export function findUnsaved(personId: string, postId: string): Promise<UnsavedCopy | null> {
  return onDevice(async (database) => {
    const copy = await database.get('unsaved', [personId, postId]);
    if (!copy) return null;
    // A copy that an older page of ours left has less beside the text.
    return { ...copy, writing: { ...copy.writing, beside: { ...NOTHING_BESIDE, ...copy.writing.beside } } };
  }, null);
}

/** Forgets the copy once the server has the words. */
export function forgetUnsaved(personId: string, postId: string): Promise<void> {
  return onDevice((database) => database.delete('unsaved', [personId, postId]), undefined);
}

/** A store that is full or forbidden: the words are still in the page, and the save state says so. */
async function onDevice<Value>(
  work: (database: IDBPDatabase<Device>) => Promise<Value>,
  otherwise: Value,
): Promise<Value> {
  try {
    return await work(await device());
  } catch (error) {
    opened = null;
    if (error instanceof DOMException || error instanceof ReferenceError) return otherwise;
    throw error;
  }
}

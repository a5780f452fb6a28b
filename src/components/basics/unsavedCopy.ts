import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { DocumentJson } from '../../core/document/openDocument';
import { NOTHING_BESIDE, type Beside } from '../../core/posts/beside';
import { canSeal, seal, unseal, type Sealed } from './sealing';

/** What a writer writes, as it is sent and kept on this device. */
export interface Writing {
  readonly title: string;
  readonly labels: readonly string[];
  readonly beside: Beside;
  readonly body: DocumentJson;
}

/** Words that are on this device only, and the version that they were written on. */
export interface UnsavedCopy {
  readonly version: number;
  readonly writing: Writing;
}

/** Whose words, of which post, and what seals them. */
export interface Whose {
  readonly personId: string;
  readonly postId: string;
  /** 32 bytes as base64; the server gives them to this person alone. */
  readonly sealKey: string;
}

/** As it lies there: sealed wherever the browser can seal. */
type Kept = UnsavedCopy | { readonly sealed: Sealed };

interface Device extends DBSchema {
  /** By person and post: unsaved words wait on this device for their writer alone. */
  unsaved: { key: [personId: string, postId: string]; value: Kept };
  /** When somebody pressed Hand it in and the line was cut, milliseconds since 1970; the words are in `unsaved`, or saved. */
  pressed: { key: [personId: string, postId: string]; value: number };
}

let opened: Promise<IDBPDatabase<Device>> | null = null;
/** What is done about a post is done one after the other: sealing takes a moment, and a copy must not come after a later one. */
const lines = new Map<string, Promise<unknown>>();
/** How often each was written, so that a copy which another has overtaken is not sealed at all. */
const turns = new Map<string, number>();

function device(): Promise<IDBPDatabase<Device>> {
  opened ??= openDB<Device>('green-porch', 2, {
    upgrade: (database, from) => {
      if (from < 1) database.createObjectStore('unsaved');
      database.createObjectStore('pressed');
    },
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
export function keepUnsaved(whose: Whose, copy: UnsavedCopy): Promise<boolean> {
  return inLine(whose, (isOvertaken) =>
    onDevice(async (database) => {
      if (isOvertaken()) return true;
      const kept: Kept = canSeal() ? { sealed: await seal(copy, whose.sealKey) } : copy;
      const transaction = database.transaction('unsaved', 'readwrite');
      const put = transaction.store.put(kept, [whose.personId, whose.postId]);
      // Said at once that nothing more comes, so that it is kept even if the page is gone before the browser answers.
      transaction.commit();
      await Promise.all([put, transaction.done]);
      return true;
    }, false),
  );
}

/** What an earlier visit left unsaved, or null; also where it was sealed with another key. */
export function findUnsaved(whose: Whose): Promise<UnsavedCopy | null> {
  return onDevice(async (database) => {
    const kept = await database.get('unsaved', [whose.personId, whose.postId]);
    if (!kept) return null;
    const copy = 'sealed' in kept ? ((await unseal(kept.sealed, whose.sealKey)) as UnsavedCopy | null) : kept;
    if (!copy) return null;
    // A copy that an older page of ours left has less beside the text.
    return { ...copy, writing: { ...copy.writing, beside: { ...NOTHING_BESIDE, ...copy.writing.beside } } };
  }, null);
}

/** Whether words of a post are on this device only, whatever they are sealed with. */
export function isUnsaved({ personId, postId }: Omit<Whose, 'sealKey'>): Promise<boolean> {
  return onDevice(
    async (database) => (await database.getKey('unsaved', [personId, postId])) !== undefined,
    false,
  );
}

/** Forgets the copy once the server has the words. */
export function forgetUnsaved(whose: Whose): Promise<void> {
  return inLine(whose, () =>
    onDevice((database) => database.delete('unsaved', [whose.personId, whose.postId]), undefined),
  );
}

/** How many posts of somebody have words on this device that the server does not have. */
export function countUnsaved(personId: string): Promise<number> {
  return onDevice(
    async (database) => (await database.getAllKeys('unsaved')).filter(([owner]) => owner === personId).length,
    0,
  );
}

/** Notes that somebody pressed Hand it in while the line was cut. */
export function keepPressed({ personId, postId }: Omit<Whose, 'sealKey'>, at: number): Promise<void> {
  return onDevice(async (database) => {
    await database.put('pressed', at, [personId, postId]);
  }, undefined);
}

/** When a press was made that still waits, or null. */
export function findPressed({ personId, postId }: Omit<Whose, 'sealKey'>): Promise<number | null> {
  return onDevice(async (database) => (await database.get('pressed', [personId, postId])) ?? null, null);
}

/** The posts of somebody whose press waits on this device. */
export function listPressed(personId: string): Promise<readonly string[]> {
  return onDevice(
    async (database) =>
      (await database.getAllKeys('pressed'))
        .filter(([owner]) => owner === personId)
        .map(([, postId]) => postId),
    [],
  );
}

export function forgetPressed({ personId, postId }: Omit<Whose, 'sealKey'>): Promise<void> {
  return onDevice((database) => database.delete('pressed', [personId, postId]), undefined);
}

/** Does something about a post once what was asked before is done. */
function inLine<Value>(
  { personId, postId }: Whose,
  work: (isOvertaken: () => boolean) => Promise<Value>,
): Promise<Value> {
  const line = `${personId} ${postId}`;
  const turn = (turns.get(line) ?? 0) + 1;
  turns.set(line, turn);
  const done = (lines.get(line) ?? Promise.resolve()).then(() => work(() => turns.get(line) !== turn));
  lines.set(
    line,
    done.catch(() => undefined),
  );
  return done;
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

import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { canSeal, seal, unseal, type Sealed } from './sealing';

/** Whose something is, which one of theirs, and what seals it. */
export interface Owned {
  readonly personId: string;
  readonly id: string;
  /** 32 bytes as base64; the server gives them to this person alone. */
  readonly sealKey: string;
}

/** As it lies there: sealed wherever the browser can seal. */
type Kept = { readonly sealed: Sealed } | object;

interface Device extends DBSchema {
  /** By person and post: unsaved words wait on this device for their writer alone. */
  unsaved: { key: [personId: string, postId: string]; value: Kept };
  /** By person and note: the same for what a teacher writes beside a post. */
  notes: { key: [personId: string, noteId: string]; value: Kept };
  /** By person and text of a classmate: the same for what its reader says of it. */
  peerWords: { key: [personId: string, readingId: string]; value: Kept };
  /** When somebody pressed Hand it in and the line was cut, milliseconds since 1970; the words are in `unsaved`, or saved. */
  pressed: { key: [personId: string, postId: string]; value: number };
}

let opened: Promise<IDBPDatabase<Device>> | null = null;
/** What is done about one thing is done one after the other: sealing takes a moment, and a copy must not come after a later one. */
const lines = new Map<string, Promise<unknown>>();
/** How often each was written, so that a copy which another has overtaken is not sealed at all. */
const turns = new Map<string, number>();

function device(): Promise<IDBPDatabase<Device>> {
  opened ??= openDB<Device>('green-porch', 4, {
    upgrade: (database, from) => {
      if (from < 1) database.createObjectStore('unsaved');
      if (from < 2) database.createObjectStore('pressed');
      if (from < 3) database.createObjectStore('notes');
      database.createObjectStore('peerWords');
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

/** A store whose values only their owner can read, on a device that others sit down at too. */
export class SealedStore<Value extends object> {
  constructor(private readonly name: 'unsaved' | 'notes' | 'peerWords') {}

  /** False where the device has no room or forbids it. */
  keep(whose: Owned, value: Value): Promise<boolean> {
    return this.inLine(whose, (isOvertaken) =>
      onDevice(async (database) => {
        if (isOvertaken()) return true;
        const kept: Kept = canSeal() ? { sealed: await seal(value, whose.sealKey) } : value;
        const transaction = database.transaction(this.name, 'readwrite');
        const put = transaction.store.put(kept, [whose.personId, whose.id]);
        // Said at once that nothing more comes, so that it is kept even if the page is gone before the browser answers.
        transaction.commit();
        await Promise.all([put, transaction.done]);
        return true;
      }, false),
    );
  }

  /** Null where there is none; also where it was sealed with another key. */
  find({ personId, id, sealKey }: Owned): Promise<Value | null> {
    return onDevice(async (database) => {
      const kept = await database.get(this.name, [personId, id]);
      if (!kept) return null;
      return ('sealed' in kept ? await unseal(kept.sealed, sealKey) : kept) as Value | null;
    }, null);
  }

  forget(whose: Owned): Promise<void> {
    return this.inLine(whose, () =>
      onDevice((database) => database.delete(this.name, [whose.personId, whose.id]), undefined),
    );
  }

  /** Which of somebody's lie here, whatever they are sealed with. */
  list(personId: string): Promise<readonly string[]> {
    return onDevice(
      async (database) =>
        (await database.getAllKeys(this.name)).filter(([owner]) => owner === personId).map(([, id]) => id),
      [],
    );
  }

  /** Does something about one of them once what was asked before is done. */
  private inLine<Done>(
    { personId, id }: Owned,
    work: (isOvertaken: () => boolean) => Promise<Done>,
  ): Promise<Done> {
    const line = `${this.name} ${personId} ${id}`;
    const turn = (turns.get(line) ?? 0) + 1;
    turns.set(line, turn);
    const done = (lines.get(line) ?? Promise.resolve()).then(() => work(() => turns.get(line) !== turn));
    lines.set(
      line,
      done.catch(() => undefined),
    );
    return done;
  }
}

/** A store that is full or forbidden: the words are still in the page, and the save state says so. */
export async function onDevice<Value>(
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

import type { InputOf } from '../../contract/input';
import type { savePost } from '../../contract/posts/savePost';
import type { CameAtOnce } from '../../core/origin/countSave';
import type { DocumentJson } from '../../core/document/openDocument';
import { NOTHING_BESIDE, type Beside } from '../../core/posts/beside';
import { onDevice, SealedStore } from './device';

/** What a writer writes, as it is sent and kept on this device. */
export interface Writing {
  readonly title: string;
  readonly labels: readonly string[];
  readonly beside: Beside;
  readonly body: DocumentJson;
  /** What of it came at once, and no save has told yet. */
  readonly came?: readonly CameInText[];
}

/** A passage that came at once, known again on the page that saw it come. */
export type CameInText = CameAtOnce & { readonly id: number };

/** What a save sends of it. */
export function toSave({
  came = [],
  ...writing
}: Writing): Pick<InputOf<typeof savePost>, 'writing' | 'came'> {
  return { writing, came: came.map(({ from, to, way }) => ({ from, to, way })) };
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

const posts = new SealedStore<UnsavedCopy>('unsaved');
const owned = ({ postId, ...whose }: Whose) => ({ ...whose, id: postId });

/** Keeps what is not saved yet on this device. False where the device has no room or forbids it. */
export function keepUnsaved(whose: Whose, copy: UnsavedCopy): Promise<boolean> {
  return posts.keep(owned(whose), copy);
}

/** What an earlier visit left unsaved, or null; also where it was sealed with another key. */
export async function findUnsaved(whose: Whose): Promise<UnsavedCopy | null> {
  const copy = await posts.find(owned(whose));
  // A copy that an older page of ours left has less beside the text.
  return (
    copy && { ...copy, writing: { ...copy.writing, beside: { ...NOTHING_BESIDE, ...copy.writing.beside } } }
  );
}

/** Whether words of a post are on this device only, whatever they are sealed with. */
export async function isUnsaved({ personId, postId }: Omit<Whose, 'sealKey'>): Promise<boolean> {
  return (await posts.list(personId)).includes(postId);
}

/** Forgets the copy once the server has the words. */
export function forgetUnsaved(whose: Whose): Promise<void> {
  return posts.forget(owned(whose));
}

/** How many posts of somebody have words on this device that the server does not have. */
export async function countUnsaved(personId: string): Promise<number> {
  return (await posts.list(personId)).length;
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

import { beAtPost } from '../../contract/posts/beAtPost';
import { handIn } from '../../contract/posts/handIn';
import { savePost } from '../../contract/posts/savePost';
import { waitingPost } from '../../contract/posts/waitingPost';
import { call } from '../basics/call';
import { isOutOfReach } from '../basics/isOutOfReach';
import { newKey } from '../basics/newKey';
import {
  findPressed,
  findUnsaved,
  forgetPressed,
  forgetUnsaved,
  isUnsaved,
  toSave,
} from '../basics/unsavedCopy';

/** What came of a press that waited on this device. */
export type Waited =
  /** The line is still cut, or another page of the post is at it. */
  | { readonly kind: 'waits' }
  /** Nothing waits any more: it was handed in elsewhere, or the post is gone. */
  | { readonly kind: 'gone' }
  | { readonly kind: 'handedIn'; readonly classId: string; readonly title: string }
  /** Its writer has to look: there are two versions, or it was refused. */
  | { readonly kind: 'look'; readonly classId: string; readonly title: string };

/**
 * Hands in a post whose press waits on this device, from a page that is not its own: the words that only the device has are saved
 * first. A page that has the post open does that itself.
 */
export async function handInWaiting(personId: string, postId: string): Promise<Waited> {
  const at = await findPressed({ personId, postId });
  if (at === null) return { kind: 'gone' };
  const found = await call(waitingPost, { postId });
  if (!found.ok) {
    if (isOutOfReach(found.code)) return { kind: 'waits' };
    await forgetPressed({ personId, postId });
    return { kind: 'gone' };
  }
  const page = newKey();
  const here = await call(beAtPost, { postId, page });
  try {
    if (!here.ok || here.value.others > 0) return { kind: 'waits' };
    return await send({ personId, postId, at }, found.value);
  } finally {
    await call(beAtPost, { postId, page, leaving: true });
  }
}

interface Pressed {
  readonly personId: string;
  readonly postId: string;
  readonly at: number;
}

interface Found {
  readonly classId: string;
  readonly title: string;
  readonly version: number;
  readonly sealKey: string;
}

async function send({ at, ...whose }: Pressed, { sealKey, version, ...post }: Found): Promise<Waited> {
  const { postId } = whose;
  let on = version;
  if (await isUnsaved(whose)) {
    const copy = await findUnsaved({ ...whose, sealKey });
    // Words that this device cannot open are not left out without a word.
    if (!copy) return { kind: 'look', ...post };
    const saved = await call(savePost, { postId, version: copy.version, ...toSave(copy.writing) });
    if (!saved.ok) return isOutOfReach(saved.code) ? { kind: 'waits' } : { kind: 'look', ...post };
    if (saved.value.kind === 'branched') return { kind: 'look', ...post };
    await forgetUnsaved({ ...whose, sealKey });
    on = saved.value.version;
  }
  const pressed = { at, deviceNow: Date.now() };
  const handed = await call(handIn, { postId, version: on, pressed });
  if (!handed.ok) return isOutOfReach(handed.code) ? { kind: 'waits' } : { kind: 'look', ...post };
  await forgetPressed(whose);
  return { kind: 'handedIn', ...post };
}

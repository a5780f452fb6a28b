import { describeVideo as door, type VideoFound } from '../../../contract/doors/describeVideo';
import type { InputOf } from '../../../contract/input';
import { maybeWebAddress } from '../../../core/document/links';
import { done, NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { inputCheckOf } from '../../ground/access/checkInput';
import { takeSome } from '../../ground/limits/takeTry';
import { guardedFetch } from '../../ground/fetching/guardedFetch';
import { recordLook } from '../../tables/links';
import { keepPicture } from '../pictures/keepPicture';
import { findClassToWriteIn } from '../subjects/findClassToWriteIn';
import { maybeDescribed, maybeDescriptionAddress, type Described } from './oembed';
import { openResultOf } from './openResult';

const check = inputCheckOf<InputOf<typeof door>>(door.input);

const PAGE = { mostBytes: 512 * 1024, patience: 8_000 };
const DESCRIPTION = { mostBytes: 64 * 1024, patience: 5_000 };
const STILL = { mostBytes: 5 * 1024 * 1024, patience: 8_000 };
const NOTHING: Described = { title: '', provider: '', still: null };

/**
 * Asks a video's host what it is called and for a still picture, which is kept here: no reader's browser ever asks
 * the host by itself.
 */
export async function describeVideo(
  input: unknown,
  { personId, now }: { readonly personId: string | null; readonly now: Date },
): Promise<Result<VideoFound>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  const address = maybeWebAddress(checked.value.address);
  if (!address) return refused('links.noAddress', 'address');
  const classId =
    personId === null ? null : await findClassToWriteIn(checked.value.writingId, { personId, now });
  if (!classId || personId === null) return NOT_THERE;
  if ((await takeSome('videos', { subject: personId, now, many: 1 })) === 0)
    return refused('links.tooMany', 'address');
  const page = await guardedFetch(address, PAGE);
  const result = openResultOf(address, page);
  await recordLook(database, { address, result, lookedAt: now, askedBy: personId });
  const described =
    result === 'opens' && page.kind === 'answered'
      ? await describe(page.body.toString('utf8'), page.address)
      : NOTHING;
  const still = described.still ? await keepStill(described.still, { classId, personId, now }) : null;
  return done({ result, title: described.title, provider: described.provider, still });
}

async function describe(html: string, pageAddress: string): Promise<Described> {
  const where = maybeDescriptionAddress(html, pageAddress);
  const fetched = where ? await guardedFetch(where, DESCRIPTION) : null;
  if (fetched?.kind !== 'answered' || fetched.status !== 200) return NOTHING;
  const described = maybeDescribed(fetched.body.toString('utf8'));
  return described
    ? { ...described, still: described.still && new URL(described.still, fetched.address).href }
    : NOTHING;
}

/** The still as one of our pictures; a broken one is done without. */
async function keepStill(
  address: string,
  from: { readonly classId: string; readonly personId: string; readonly now: Date },
): Promise<string | null> {
  const fetched = await guardedFetch(address, STILL);
  if (fetched.kind !== 'answered' || fetched.status !== 200 || !fetched.complete) return null;
  const kept = await keepPicture(fetched.body, { ...from, purpose: 'still' });
  return kept.ok ? kept.value.pictureId : null;
}

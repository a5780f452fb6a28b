import type { AddedPicture } from '../../../contract/fileDoors/addPicture';
import { copyPicture as door } from '../../../contract/doors/copyPicture';
import type { InputOf } from '../../../contract/input';
import { may } from '../../../core/access/may';
import { maybeWebAddress } from '../../../core/document/links';
import { findRole } from '../../ground/access/roles';
import { NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { inputCheckOf } from '../../ground/access/checkInput';
import { guardedFetch } from '../../ground/fetching/guardedFetch';
import { MOST_BYTES } from './encode';
import { keepPicture } from './keepPicture';

interface Asker {
  readonly personId: string | null;
  readonly now: Date;
}

const checkAddress = inputCheckOf<InputOf<typeof door>>(door.input);

/** Takes an uploaded picture into a class. */
export async function addPicture(
  { classId, file }: { readonly classId: string; readonly file: Buffer },
  { personId, now }: Asker,
): Promise<Result<AddedPicture>> {
  if (personId === null || !(await mayAdd(classId, personId))) return NOT_THERE;
  return keepPicture(file, { classId, personId, purpose: 'picture', now });
}

/** Copies a picture from the web into a class, where a stranger can open it. */
export async function addPictureFrom(
  input: unknown,
  { personId, now }: Asker,
): Promise<Result<AddedPicture>> {
  const checked = checkAddress(input);
  if (!checked.ok) return checked;
  const { value } = checked;
  if (personId === null || !(await mayAdd(value.classId, personId))) return NOT_THERE;
  const address = maybeWebAddress(value.address);
  if (!address) return refused('links.noAddress', 'address');
  const fetched = await guardedFetch(address, { mostBytes: MOST_BYTES, patience: 20_000 });
  if (fetched.kind !== 'answered' || fetched.status !== 200) return refused('picture.notOpen', 'address');
  if (!fetched.complete) return refused('picture.tooLarge', 'address', { most: MOST_BYTES / 1024 / 1024 });
  return keepPicture(fetched.body, { classId: value.classId, personId, purpose: 'picture', now });
}

async function mayAdd(inClass: string, personId: string): Promise<boolean> {
  const role = await findRole(database, inClass, personId);
  return may({ personId, role }, 'picture.add', {});
}

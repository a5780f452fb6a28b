import { chooseClass as door } from '../../../contract/doors/chooseClass';
import type { InputOf } from '../../../contract/input';
import { findRole } from '../../ground/access/roles';
import { done, NOT_THERE, type Result } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { inputCheckOf } from '../../ground/access/checkInput';
import { updateLastClass } from '../../tables/people';
import { updateSessionClass } from '../../tables/sessions';
import { tokenHash } from '../../ground/secrets/secrets';

const check = inputCheckOf<InputOf<typeof door>>(door.input);

/** Turns a session to another of the person's classes. */
export async function chooseClass(
  input: unknown,
  { token, personId }: { readonly token: string; readonly personId: string },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  if (!(await findRole(database, checked.value.classId, personId))) return NOT_THERE;
  await updateSessionClass(database, tokenHash(token), checked.value.classId);
  await updateLastClass(database, personId, checked.value.classId);
  return done(null);
}

import { endSessions as door } from '../../../contract/doors/endSessions';
import type { InputOf } from '../../../contract/input';
import { done, NOT_THERE, type Result } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { inputCheckOf } from '../../ground/access/checkInput';
import { deleteOtherSessions, deleteSessionById } from '../../tables/sessions';
import { tokenHash } from '../../ground/secrets/secrets';

const check = inputCheckOf<InputOf<typeof door>>(door.input);

/** Ends one of a person's own sessions, or all but the present one. */
export async function endSessions(
  input: unknown,
  { token, personId }: { readonly token: string; readonly personId: string },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  if ('others' in checked.value) await deleteOtherSessions(database, personId, tokenHash(token));
  else if ((await deleteSessionById(database, personId, checked.value.id)) === 0) return NOT_THERE;
  return done(null);
}

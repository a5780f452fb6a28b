import { endSessions as door } from '../../contract/doors/endSessions';
import type { InputOf } from '../../contract/door';
import { done, NOT_THERE, refused, type Result } from '../access/useCase';
import { database } from '../database/database';
import { checkOf } from '../input/validate';
import { deleteOtherSessions, deleteSessionById } from './queries';
import { tokenHash } from './secrets';

const check = checkOf<InputOf<typeof door>>(door.input);

/** Ends one of a person's own sessions, or all but the present one. */
export async function endSessions(
  input: unknown,
  { token, personId }: { readonly token: string; readonly personId: string },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok) return refused(`input.${checked.problem.key}`, checked.field);
  if ('others' in checked.value) await deleteOtherSessions(database, personId, tokenHash(token));
  else if ((await deleteSessionById(database, personId, checked.value.id)) === 0) return NOT_THERE;
  return done(null);
}

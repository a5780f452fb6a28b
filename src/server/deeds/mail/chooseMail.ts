import { chooseMail as door } from '../../../contract/doors/chooseMail';
import type { InputOf } from '../../../contract/input';
import { inputCheckOf } from '../../ground/access/checkInput';
import { done, type Result } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { updateMailChoice } from '../../tables/mailNotices';

const check = inputCheckOf<InputOf<typeof door>>(door.input);

/** Settles how soon somebody is written to about what waits for them. */
export async function chooseMail(
  input: unknown,
  { personId }: { readonly personId: string },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  await updateMailChoice(database, personId, checked.value.choice);
  return done(null);
}

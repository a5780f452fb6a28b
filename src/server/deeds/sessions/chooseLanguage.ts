import { chooseLanguage as door } from '../../../contract/doors/chooseLanguage';
import type { InputOf } from '../../../contract/input';
import { inputCheckOf } from '../../ground/access/checkInput';
import { done, type Result } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { updateLanguage } from '../../tables/people';

const check = inputCheckOf<InputOf<typeof door>>(door.input);

/** Settles which language somebody is spoken to from now on, on every device and in mails. */
export async function chooseLanguage(
  input: unknown,
  { personId }: { readonly personId: string },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  await updateLanguage(database, personId, checked.value.language);
  return done(null);
}

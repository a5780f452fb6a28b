import { changePassword as door } from '../../../contract/doors/changePassword';
import type { InputOf } from '../../../contract/input';
import { passwordWeakness } from '../../../core/people/password';
import { inputCheckOf } from '../../ground/access/checkInput';
import { done, refused, type Result } from '../../ground/access/useCase';
import { database, inTransaction } from '../../ground/database/database';
import { takeTry } from '../../ground/limits/takeTry';
import { hashSecret, isSecret, tokenHash } from '../../ground/secrets/secrets';
import { markResetsUsed } from '../../tables/passwordLinks';
import { findPerson, updatePassword } from '../../tables/people';
import { deleteOtherSessions } from '../../tables/sessions';

const check = inputCheckOf<InputOf<typeof door>>(door.input);

/**
 * Changes the password of who is signed in. The present one is asked for and its tries are counted as at the sign-in: a page that was
 * left open does not give the account away. Every other session ends, and so do links for a new password.
 */
export async function changePassword(
  input: unknown,
  { personId, token, now }: { readonly personId: string; readonly token: string; readonly now: Date },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  const { present, password } = checked.value;
  const person = await findPerson(database, personId);
  // Who signs in by the school or with a card has none here.
  if (!person?.passwordHash || person.email === null) return refused('account.noPassword');
  const taken = await takeTry('password', { now, subject: person.email });
  if (!taken.allowed) return refused('signIn.tooMany', 'present');
  if (!(await isSecret(person.passwordHash, present, personId)))
    return refused('account.wrongPassword', 'present');
  await taken.giveBack();
  const weakness = passwordWeakness(password, [person.givenName, person.familyName]);
  if (weakness) return refused(`account.password.${weakness}`, 'password');
  const passwordHash = await hashSecret(password, personId);
  return inTransaction(async (transaction) => {
    await updatePassword(transaction, personId, passwordHash);
    await markResetsUsed(transaction, personId, now);
    await deleteOtherSessions(transaction, personId, tokenHash(token));
    return done(null);
  });
}

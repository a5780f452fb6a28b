import { renewPassword as door } from '../../../contract/doors/renewPassword';
import type { InputOf } from '../../../contract/input';
import { passwordWeakness } from '../../../core/people/password';
import { done, refused, type Refusal, type Result } from '../../ground/access/useCase';
import { database, inTransaction } from '../../ground/database/database';
import { inputCheckOf } from '../../ground/access/checkInput';
import { takeTurn, type Rest } from '../../ground/limits/takeTry';
import { findPerson, updatePassword } from '../../tables/people';
import { deleteOtherSessions } from '../../tables/sessions';
import { hashSecret, tokenHash } from '../../ground/secrets/secrets';
import {
  findPasswordReset,
  lockPasswordReset,
  markResetsUsed,
  type PasswordResetRow,
} from '../../tables/passwordLinks';

const check = inputCheckOf<InputOf<typeof door>>(door.input);

/** Chooses a new password by a link that was sent. Every session of the person ends, and so do their other links. */
export async function renewPassword(
  input: unknown,
  from: { readonly address: string; readonly now: Date; readonly wait?: Rest },
): Promise<Result<null>> {
  const { now } = from;
  const checked = check(input);
  if (!checked.ok) return checked;
  const { token, password } = checked.value;
  // Hashing is work: it is done for a link that leads somewhere only.
  const link = await takeTurn('link', { ...from, subject: from.address });
  if (!link.allowed) return refused('account.slowly');
  const open = await findPasswordReset(database, tokenHash(token));
  if (open) await link.giveBack();
  const closed = problemOf(open, now);
  if (closed) return closed;
  const passwordHash = await hashSecret(password);
  return inTransaction(async (transaction) => {
    const reset = await lockPasswordReset(transaction, tokenHash(token));
    const person = reset && (await findPerson(transaction, reset.personId));
    const problem = problemOf(reset, now);
    if (problem || !person || person.deletedAt) return problem ?? refused('account.linkUnknown');
    const weakness = passwordWeakness(password, [person.givenName, person.familyName]);
    if (weakness) return refused(`account.password.${weakness}`, 'password');
    await updatePassword(transaction, person.id, passwordHash);
    await markResetsUsed(transaction, person.id, now);
    await deleteOtherSessions(transaction, person.id, null);
    return done(null);
  });
}

/** What is wrong with a link for a new password, before anything is typed; null where it still works. */
export async function linkProblem(token: string, now: Date): Promise<Refusal | null> {
  return problemOf(await findPasswordReset(database, tokenHash(token)), now);
}

function problemOf(reset: PasswordResetRow | null, now: Date): Refusal | null {
  if (!reset) return refused('account.linkUnknown');
  if (reset.usedAt) return refused('account.linkUsed');
  return reset.expiresAt <= now ? refused('account.linkExpired') : null;
}

import { passwordWeakness } from '../../core/people/password';
import { done, refused, type Result } from '../access/useCase';
import { inTransaction } from '../database/database';
import { checkOf } from '../input/validate';
import { findPerson, updatePassword } from '../people/queries';
import { deleteOtherSessions } from '../sessions/queries';
import { hashSecret, tokenHash } from '../sessions/secrets';
import { lockPasswordReset, markResetsUsed } from './queries';

const check = checkOf<{ readonly token: string; readonly password: string }>({
  type: 'object',
  required: ['token', 'password'],
  additionalProperties: false,
  properties: {
    token: { type: 'string', minLength: 1, maxLength: 100 },
    password: { type: 'string', maxLength: 200 },
  },
});

/** Chooses a new password by a link that was sent. Every session of the person ends, and so do their other links. */
export async function renewPassword(input: unknown, now: Date): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok) return refused(`input.${checked.problem.key}`, checked.field);
  const { token, password } = checked.value;
  const passwordHash = await hashSecret(password);
  return inTransaction(async (transaction) => {
    const reset = await lockPasswordReset(transaction, tokenHash(token));
    const person = reset && (await findPerson(transaction, reset.personId));
    if (!reset || !person) return refused('account.linkUnknown');
    if (reset.usedAt) return refused('account.linkUsed');
    if (reset.expiresAt <= now) return refused('account.linkExpired');
    const weakness = passwordWeakness(password, [person.givenName, person.familyName]);
    if (weakness) return refused(`account.password.${weakness}`, 'password');
    await updatePassword(transaction, person.id, passwordHash);
    await markResetsUsed(transaction, person.id, now);
    await deleteOtherSessions(transaction, person.id, null);
    return done(null);
  });
}

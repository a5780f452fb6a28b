import { comparableEmail, isEmailAddress } from '../../core/people/emailAddress';
import { done, refused, type Result } from '../access/useCase';
import { database, inTransaction } from '../database/database';
import { newId } from '../database/newId';
import { checkOf } from '../input/validate';
import { sendMail } from '../mail/sendMail';
import { findPersonByEmail } from '../people/queries';
import { isLimited } from '../sessions/limits';
import { insertFailure } from '../sessions/queries';
import { sendPasswordLink } from './sendPasswordLink';

const VALID = 3_600_000;

const check = checkOf<{ readonly email: string }>({
  type: 'object',
  required: ['email'],
  additionalProperties: false,
  properties: { email: { type: 'string', maxLength: 254 } },
});

/**
 * Sends a link for a new password to whoever has an account with an address, and says so to whoever has none. The
 * answer here is the same for both: it says nothing about who has an account.
 */
export async function forgetPassword(
  input: unknown,
  from: { readonly address: string; readonly now: Date },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok) return refused(`input.${checked.problem.key}`, checked.field);
  const email = comparableEmail(checked.value.email);
  if (!isEmailAddress(email)) return refused('account.notAnAddress', 'email');
  const account = `forgotten ${email}`.slice(0, 254);
  if (await isLimited(database, { ...from, account })) return refused('account.tooMany', 'email');
  const { address, now } = from;
  await inTransaction(async (transaction) => {
    // Each request counts as a try: nobody's mailbox is filled by somebody else.
    await insertFailure(transaction, { id: newId(), account, address, at: now });
    const person = await findPersonByEmail(transaction, email);
    if (!person?.passwordHash)
      return sendMail(transaction, { to: email, kind: 'noAccount', values: {}, now });
    return sendPasswordLink(transaction, {
      personId: person.id,
      to: email,
      kind: 'newPassword',
      valid: VALID,
      now,
    });
  });
  return done(null);
}

import { forgetPassword as door } from '../../../contract/doors/forgetPassword';
import type { InputOf } from '../../../contract/input';
import { languageOf, type HouseLanguage } from '../../../core/languages/languages';
import { comparableEmail, isEmailAddress } from '../../../core/people/emailAddress';
import { done, refused, type Result } from '../../ground/access/useCase';
import { inTransaction } from '../../ground/database/database';
import { inputCheckOf } from '../../ground/access/checkInput';
import { sendMail } from '../../ground/mail/sendMail';
import { listClassesOf } from '../../tables/classes';
import { findLivePersonByEmail } from '../../tables/people';
import { takeTry, takeTurn, type Rest } from '../../ground/limits/takeTry';
import { sendPasswordLink } from './sendPasswordLink';

const VALID = 3_600_000;

const check = inputCheckOf<InputOf<typeof door>>(door.input);

/**
 * Sends a link for a new password to whoever has an account with an address, and says so to whoever has none. The
 * answer here is the same for both: it says nothing about who has an account.
 */
export async function forgetPassword(
  input: unknown,
  from: {
    readonly address: string;
    /** What the browser asks for; it is spoken to who has no account. */
    readonly language?: HouseLanguage | null;
    readonly now: Date;
    readonly wait?: Rest;
  },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  const email = comparableEmail(checked.value.email);
  if (!isEmailAddress(email)) return refused('account.notAnAddress', 'email');
  const { now } = from;
  // Nobody's mailbox is filled by somebody else: each request counts, right or wrong.
  const slowed = await takeTurn('letterFrom', { ...from, subject: from.address });
  const taken = slowed.allowed && (await takeTry('letter', { subject: email, now }));
  if (!taken || !taken.allowed) return refused('account.tooMany', 'email');
  await inTransaction(async (transaction) => {
    const person = await findLivePersonByEmail(transaction, email);
    // An account whose link to its first password ran out gets another one here.
    if (!person || (person.passwordHash === null && person.account === null))
      return sendMail(transaction, {
        to: email,
        kind: 'noAccount',
        language: languageOf(from.language ?? null, null),
        values: {},
        now,
      });
    const [inClass] = await listClassesOf(transaction, person.id);
    return sendPasswordLink(transaction, {
      personId: person.id,
      to: email,
      kind: 'newPassword',
      language: languageOf(person.language, inClass?.language ?? null),
      valid: VALID,
      now,
    });
  });
  return done(null);
}

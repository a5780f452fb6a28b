import type { AccountRole } from '../../core/access/may';
import { comparableEmail, isEmailAddress } from '../../core/people/emailAddress';
import { cleanName, isName } from '../../core/people/readName';
import { insertPasswordReset } from '../accounts/queries';
import { done, refused } from '../access/useCase';
import { newId } from '../database/newId';
import { sendMail } from '../mail/sendMail';
import { findPersonByEmail, insertPerson } from '../people/queries';
import { newToken, tokenHash } from '../sessions/secrets';
import { getSettings } from '../settings/settings';
import { installUseCase } from './installUseCase';

interface Input {
  readonly givenName: string;
  readonly familyName: string;
  readonly email: string;
  readonly account: AccountRole;
}

const VALID = 14 * 86_400_000;

/** Makes an account for a grown-up of the school, who chooses the password by a link that comes by mail. */
export const makeAccount = installUseCase<Input, { readonly personId: string }>({
  name: 'makeAccount',
  fields: {
    givenName: { type: 'string', maxLength: 120 },
    familyName: { type: 'string', maxLength: 120 },
    email: { type: 'string', maxLength: 254 },
    account: { enum: ['teacher', 'administrator'] },
  },
  async run(input, { database, now }) {
    const [givenName, familyName] = [cleanName(input.givenName), cleanName(input.familyName)];
    const email = comparableEmail(input.email);
    if (!isName(givenName)) return refused('account.noName', 'givenName');
    if (!isEmailAddress(email)) return refused('account.notAnAddress', 'email');
    if (await findPersonByEmail(database, email)) return refused('account.addressTaken', 'email');
    const personId = newId();
    await insertPerson(database, {
      id: personId,
      givenName,
      familyName,
      email,
      account: input.account,
      penName: null,
      passwordHash: null,
      passcodeHash: null,
      passcodeKind: null,
      createdAt: now,
    });
    const token = newToken();
    const expiresAt = new Date(now.getTime() + VALID);
    await insertPasswordReset(database, { tokenHash: tokenHash(token), personId, expiresAt });
    const link = `${getSettings().origin}/new-password/${token}`;
    await sendMail(database, { to: email, kind: 'newAccount', values: { name: givenName, link }, now });
    return done({ personId });
  },
});

import type { AccountRole } from '../../core/access/may';
import { comparableEmail, isEmailAddress } from '../../core/people/emailAddress';
import { cleanName, isName } from '../../core/people/readName';
import { sendPasswordLink } from '../accounts/sendPasswordLink';
import { done, refused } from '../access/useCase';
import { newId } from '../database/newId';
import { findPersonByEmail, insertPerson } from '../people/queries';
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
      createdAt: now,
    });
    await sendPasswordLink(database, {
      personId,
      to: email,
      kind: 'newAccount',
      values: { name: givenName },
      valid: VALID,
      now,
    });
    return done({ personId });
  },
});

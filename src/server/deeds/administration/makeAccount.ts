import { makeAccount as deed } from '../../../contract/administration/makeAccount';
import { languageOf } from '../../../core/languages/languages';
import { comparableEmail, isEmailAddress } from '../../../core/people/emailAddress';
import { cleanName, isName } from '../../../core/people/readName';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { findPerson, findPersonByEmail, insertPerson } from '../../tables/people';
import { sendPasswordLink } from '../accounts/sendPasswordLink';
import { installUseCase } from '../subjects/installUseCase';

const VALID = 14 * 86_400_000;

export const makeAccount = installUseCase(deed, {
  async run(input, { database, personId: maker, now }) {
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
      // Nothing is known yet of who gets it but that they are of the same school.
      language: languageOf((await findPerson(database, maker))?.language ?? null, null),
      values: { name: givenName },
      valid: VALID,
      now,
    });
    return done({ personId });
  },
});

import { changeAccount as deed } from '../../contract/administration/changeAccount';
import { done, NOT_THERE, refused } from '../access/useCase';
import { takeInstallTurn } from '../database/turns';
import { findPerson } from '../people/queries';
import { deleteOtherSessions } from '../sessions/queries';
import { installUseCase } from './installUseCase';
import { countAdministrators, updateAccount } from './queries';

export const changeAccount = installUseCase(deed, {
  async run({ personId, account }, { database }) {
    // Two who take it from each other come one after the other.
    await takeInstallTurn(database, 'administrators');
    const person = await findPerson(database, personId);
    if (!person) return NOT_THERE;
    if (
      person.account === 'administrator' &&
      account !== 'administrator' &&
      (await countAdministrators(database)) <= 1
    )
      return refused('account.lastAdministrator', 'account');
    await updateAccount(database, personId, account);
    if (account === null) await deleteOtherSessions(database, personId, null);
    return done(null);
  },
});

import { changeAccount as deed } from '../../../contract/administration/changeAccount';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { takeInstallTurn } from '../../ground/database/turns';
import { findPerson } from '../../tables/people';
import { deleteOtherSessions } from '../../tables/sessions';
import { countAdministrators, updateAccount } from '../../tables/install';
import { installUseCase } from '../subjects/installUseCase';

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

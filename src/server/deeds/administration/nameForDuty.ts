import { nameForDuty as deed } from '../../../contract/administration/nameForDuty';
import { done, refused } from '../../ground/access/useCase';
import { findPerson } from '../../tables/people';
import { updateDuty } from '../../tables/schoolDuties';
import { installUseCase } from '../subjects/installUseCase';

export const nameForDuty = installUseCase(deed, {
  async run({ duty, personId }, { database }) {
    const person = personId === null ? null : await findPerson(database, personId);
    // A child, or somebody who cannot sign in, tends nothing.
    if (personId !== null && (!person?.account || person.deletedAt))
      return refused('duty.noAccount', 'personId');
    await updateDuty(database, duty, personId);
    return done(null);
  },
});

import { changeSchoolSpan as deed } from '../../../contract/administration/changeSchoolSpan';
import { done } from '../../ground/access/useCase';
import { updateSchoolSpan } from '../../tables/schoolRules';
import { installUseCase } from '../subjects/installUseCase';

export const changeSchoolSpan = installUseCase(deed, {
  async run({ pressedHours }, { database }) {
    await updateSchoolSpan(database, pressedHours);
    return done(null);
  },
});

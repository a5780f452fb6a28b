import { changeAwayRule as deed } from '../../../contract/classes/changeAwayRule';
import { done } from '../../ground/access/useCase';
import { updateAwayRule } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';

export const changeAwayRule = classUseCase(deed, {
  async run({ classId, dates, days }, _, { database }) {
    await updateAwayRule(database, classId, { dates, days });
    return done({});
  },
});

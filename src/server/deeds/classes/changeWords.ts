import { changeWords as deed } from '../../../contract/classes/changeWords';
import { eachOnce } from '../../../core/text/lines';
import { done } from '../../ground/access/useCase';
import { updateWords } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';

export const changeWords = classUseCase(deed, {
  async run({ classId, words }, _, { database }) {
    await updateWords(database, classId, eachOnce(words));
    return done(null);
  },
});

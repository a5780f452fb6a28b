import { changeWords as deed } from '../../../contract/classes/changeWords';
import { done } from '../../ground/access/useCase';
import { updateWords } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';

export const changeWords = classUseCase(deed, {
  async run({ classId, words }, _, { database }) {
    await updateWords(database, classId, [...new Set(words.map((word) => word.trim()).filter(Boolean))]);
    return done(null);
  },
});

import { changeWords as deed } from '../../contract/classes/changeWords';
import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateWords } from './queries';

export const changeWords = classUseCase(deed, {
  async run({ classId, words }, _, { database }) {
    await updateWords(database, classId, [...new Set(words.map((word) => word.trim()).filter(Boolean))]);
    return done(null);
  },
});

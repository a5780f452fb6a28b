import { changeCommentRules as deed } from '../../../contract/classes/changeCommentRules';
import { done } from '../../ground/access/useCase';
import { updateCommentRules } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';

export const changeCommentRules = classUseCase(deed, {
  async run({ classId, words, ...rules }, _, { database }) {
    const listed = words && [...new Set(words.map((word) => word.trim()).filter((word) => word !== ''))];
    await updateCommentRules(database, classId, { ...rules, ...(listed ? { words: listed } : {}) });
    return done({});
  },
});

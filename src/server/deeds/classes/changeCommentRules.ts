import { changeCommentRules as deed } from '../../../contract/classes/changeCommentRules';
import { eachOnce } from '../../../core/text/lines';
import { done } from '../../ground/access/useCase';
import { updateCommentRules } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';

export const changeCommentRules = classUseCase(deed, {
  async run({ classId, words, ...rules }, _, { database }) {
    await updateCommentRules(database, classId, { ...rules, ...(words ? { words: eachOnce(words) } : {}) });
    return done({});
  },
});

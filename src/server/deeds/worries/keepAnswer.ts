import { keepAnswer as deed } from '../../../contract/worries/keepAnswer';
import { done } from '../../ground/access/useCase';
import { updateAnswerTyped } from '../../tables/cases';
import { caseUseCase } from './caseUseCase';

export const keepAnswer = caseUseCase(deed, {
  async run({ caseId, typed }, row, { database }) {
    // One that was sent meanwhile stays as it was sent.
    if (row.answer === null) await updateAnswerTyped(database, caseId, typed);
    return done(null);
  },
});

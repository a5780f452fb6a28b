import { writeStep as deed } from '../../../contract/worries/writeStep';
import { done, refused } from '../../ground/access/useCase';
import { sameSince } from '../../ground/database/sameSince';
import { listCaseEvents } from '../../tables/caseEvents';
import { caseUseCase, noteInCase } from './caseUseCase';

export const writeStep = caseUseCase(deed, {
  async run({ caseId, words: typed }, _, context) {
    const words = typed.trim();
    if (words === '') return refused('worry.noStep', 'words');
    const since = sameSince(context.now);
    const again = (await listCaseEvents(context.database, caseId)).some(
      (one) => one.personId === context.personId && one.words === words && one.at > since,
    );
    if (!again) await noteInCase(context, caseId, 'step', words);
    return done(null);
  },
});

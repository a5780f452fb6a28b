import { dropSentence as deed } from '../../../contract/noteBank/dropSentence';
import { done, refused } from '../../ground/access/useCase';
import { deleteSentence, lockSentence } from '../../tables/noteBank';
import { classUseCase } from '../subjects/classUseCase';
import { sentencesShown } from './sentencesShown';

export const dropSentence = classUseCase(deed, {
  async run({ sentenceId }, _, { database, personId }) {
    const known = await lockSentence(database, sentenceId);
    if (known && known.ownerId !== personId) return refused('bank.gone');
    if (known) await deleteSentence(database, sentenceId);
    return done(await sentencesShown(database, personId));
  },
});

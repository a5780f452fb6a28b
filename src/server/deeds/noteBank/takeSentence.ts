import { takeSentence as deed } from '../../../contract/noteBank/takeSentence';
import { done } from '../../ground/access/useCase';
import { countUse } from '../../tables/noteBank';
import { classUseCase } from '../subjects/classUseCase';
import { sentencesShown } from './sentencesShown';

export const takeSentence = classUseCase(deed, {
  async run({ sentenceId }, _, { database, personId, now }) {
    // Of what is not theirs to use nothing is counted.
    if ((await sentencesShown(database, personId)).some((one) => one.id === sentenceId))
      await countUse(database, { sentenceId, personId, at: now });
    return done(null);
  },
});

import { listSentences as deed } from '../../../contract/noteBank/listSentences';
import { done } from '../../ground/access/useCase';
import { classUseCase } from '../subjects/classUseCase';
import { sentencesShown } from './sentencesShown';

export const listSentences = classUseCase(deed, {
  run: async (_, __, { database, personId }) => done(await sentencesShown(database, personId)),
});

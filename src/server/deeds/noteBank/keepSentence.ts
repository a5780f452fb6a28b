import { keepSentence as deed } from '../../../contract/noteBank/keepSentence';
import { done, refused } from '../../ground/access/useCase';
import {
  countSentencesOf,
  insertSentence,
  lockBank,
  lockSentence,
  updateSentence,
} from '../../tables/noteBank';
import { classUseCase } from '../subjects/classUseCase';
import { sentencesShown } from './sentencesShown';

/** More is no bank any more, but a heap. */
const MOST_SENTENCES = 500;

export const keepSentence = classUseCase(deed, {
  async run({ sentenceId: id, version, shared, ...typed }, _, { database, personId, now }) {
    const [words, group] = [typed.words.trim(), typed.group.trim()];
    if (words === '') return refused('bank.empty', 'words');
    await lockBank(database, personId);
    const known = await lockSentence(database, id);
    // Taken out on another page while it was changed here; another's is none to whoever asks.
    if (known ? known.ownerId !== personId : version > 0) return refused('bank.gone', 'words');
    if (known && known.version !== Math.max(1, version))
      return refused('bank.changed', 'words', { words: known.words });
    const sentence = { id, words, group, shared };
    if (known) await updateSentence(database, sentence);
    else {
      if ((await countSentencesOf(database, personId)) >= MOST_SENTENCES)
        return refused('bank.full', 'words', { most: MOST_SENTENCES });
      if (!(await insertSentence(database, { ...sentence, ownerId: personId, at: now })))
        return refused('bank.gone', 'words');
    }
    return done(await sentencesShown(database, personId));
  },
});

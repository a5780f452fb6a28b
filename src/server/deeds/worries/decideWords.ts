import { decideWords as deed } from '../../../contract/worries/decideWords';
import { standsBeforeOthers } from '../../../core/safety/case';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { updateCase } from '../../tables/cases';
import { deleteAwayOfCase, takeWordsAway } from '../../tables/wordsAway';
import { renewShownPosts } from '../subjects/renewShown';
import { caseUseCase, noteInCase } from './caseUseCase';

export const decideWords = caseUseCase(deed, {
  async run({ caseId, decision }, row, context) {
    const { database, now: at } = context;
    if (!standsBeforeOthers(row.kind)) return refused('worry.nothingToDecide');
    const { postId, commentId } = row;
    if (decision === 'back') await deleteAwayOfCase(database, caseId);
    else await takeWordsAway(database, { id: newId(), caseId, postId, commentId, since: at, decided: true });
    await renewShownPosts(database, [postId], at);
    // Pressed twice, it is decided once.
    if (row.decision === decision) return done(null);
    await updateCase(database, row, { decision, at });
    await noteInCase(context, caseId, decision === 'back' ? 'wordsBack' : 'wordsAway');
    return done(null);
  },
});

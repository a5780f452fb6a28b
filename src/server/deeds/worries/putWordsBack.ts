import { putWordsBack as deed } from '../../../contract/worries/putWordsBack';
import { may } from '../../../core/access/may';
import { findRole } from '../../ground/access/roles';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { findComment } from '../../tables/comments';
import { deleteUndecidedAway, lockAway } from '../../tables/wordsAway';
import { noteInCase } from './caseUseCase';
import { postUseCase } from '../subjects/postUseCase';
import { renewShownPosts } from '../subjects/renewShown';

export const putWordsBack = postUseCase(deed, {
  turn: true,
  besidePost: true,
  async run({ postId, commentId }, { post }, context) {
    const { database, personId, now } = context;
    if (commentId !== null) {
      const comment = await findComment(database, commentId);
      const actor = { personId, role: await findRole(database, post.classId, personId) };
      if (comment?.postId !== postId || !may(actor, 'words.putBack', { writerId: comment.authorId }))
        return NOT_THERE;
    }
    const away = await lockAway(database, { postId, commentId });
    if (away.length === 0) return done(null);
    if (away.every((one) => one.decided)) return refused('worry.decided');
    await deleteUndecidedAway(database, { postId, commentId });
    await renewShownPosts(database, [postId], now);
    for (const { caseId, decided } of away)
      if (caseId !== null && !decided) await noteInCase(context, caseId, 'teacherPutBack');
    return done(null);
  },
});

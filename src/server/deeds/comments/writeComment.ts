import { writeComment as deed } from '../../../contract/comments/writeComment';
import { countWords } from '../../../core/words/countWords';
import { done, refused } from '../../ground/access/useCase';
import { sameSince } from '../../ground/database/sameSince';
import { newId } from '../../ground/database/newId';
import { giveBackSome, takeSome } from '../../ground/limits/takeTry';
import { findSameComment, insertComment } from '../../tables/comments';
import { postUseCase } from '../subjects/postUseCase';

export const writeComment = postUseCase(deed, {
  besidePost: true,
  async run({ postId, text: typed }, _, { database, personId, now }) {
    const text = typed.trim();
    const words = countWords(text);
    if (words === 0) return refused('comment.noWords', 'text');
    // Counted before, and in the same transaction: many sent at once are as many.
    const allowed = await takeSome('comments', { subject: personId, now, many: 1 }, database);
    if (allowed === 0) return refused('comment.tooMany', 'text');
    const said = { postId, authorId: personId, text };
    const same = await findSameComment(database, { ...said, since: sameSince(now) });
    if (same !== null) {
      await giveBackSome('comments', { subject: personId, many: 1 }, database);
      return done({ commentId: same });
    }
    const commentId = newId();
    await insertComment(database, { id: commentId, ...said, words, writtenAt: now });
    return done({ commentId });
  },
});

import { writeComment as deed } from '../../contract/comments/writeComment';
import { countWords } from '../../core/words/countWords';
import { postUseCase } from '../posts/postUseCase';
import { done, refused } from '../access/useCase';
import { newId } from '../database/newId';
import { takeSome } from '../limits/takeTry';
import { insertComment } from './queries';

export const writeComment = postUseCase(deed, {
  besidePost: true,
  async run({ postId, text: typed }, _, { database, personId, now }) {
    const text = typed.trim();
    const words = countWords(text);
    if (words === 0) return refused('comment.noWords', 'text');
    // Counted before, and in the same transaction: many sent at once are as many.
    const allowed = await takeSome('comments', { subject: personId, now, many: 1 }, database);
    if (allowed === 0) return refused('comment.tooMany', 'text');
    const commentId = newId();
    await insertComment(database, { id: commentId, postId, authorId: personId, text, words, writtenAt: now });
    return done({ commentId });
  },
});

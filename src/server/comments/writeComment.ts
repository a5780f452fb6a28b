import { idSchema } from '../input/idSchema';
import { countWords } from '../../core/words/countWords';
import { done, refused, type UseCase } from '../access/useCase';
import { newId } from '../database/newId';
import { findPostToShow, type PostFacts } from '../posts/findPostToActOn';
import { takeSome } from '../limits/takeTry';
import { insertComment } from './queries';

interface Input {
  readonly postId: string;
  readonly text: string;
}

const LONGEST = 2000;

/** Writes a comment under a published post, for the class to read. */
export const writeComment: UseCase<Input, PostFacts, { readonly commentId: string }> = {
  name: 'writeComment',
  action: 'comment.write',
  input: {
    type: 'object',
    required: ['postId', 'text'],
    additionalProperties: false,
    properties: { postId: idSchema, text: { type: 'string', maxLength: LONGEST } },
  },
  find: ({ postId }, { database, now }) => findPostToShow(database, postId, now),
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
};

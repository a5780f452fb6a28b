import { writeNote as deed } from '../../contract/reviews/writeNote';
import { done, refused } from '../access/useCase';
import { newId } from '../database/newId';
import { handInUseCase } from './handInUseCase';
import { insertNote } from './queries';

export const writeNote = handInUseCase(deed, {
  async run({ text }, { post, latest }, { database, personId, now }) {
    if (!text.trim()) return refused('review.emptyNote', 'text');
    const id = newId();
    const note = {
      id,
      postId: post.id,
      handInId: latest.id,
      authorId: personId,
      text: text.trim(),
      createdAt: now,
    };
    await insertNote(database, note);
    return done({ noteId: id });
  },
});

import { done, refused } from '../access/useCase';
import { newId } from '../database/newId';
import { handInUseCase } from './handInUseCase';
import { insertNote } from './queries';

interface Input {
  readonly text: string;
}

/** Writes a note on the whole post; its writer reads it beside the words. */
export const writeNote = handInUseCase<Input, { readonly noteId: string }>({
  name: 'writeNote',
  properties: { text: { type: 'string', minLength: 1, maxLength: 4000 } },
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

import { writeNote as deed } from '../../../contract/reviews/writeNote';
import { done, refused } from '../../ground/access/useCase';
import { sameSince } from '../../ground/database/sameSince';
import { newId } from '../../ground/database/newId';
import { findSameNote, insertNote } from '../../tables/notes';
import { handInUseCase } from '../subjects/handInUseCase';

export const writeNote = handInUseCase(deed, {
  async run({ text: typed }, { post, latest }, { database, personId, now }) {
    const text = typed.trim();
    if (text === '') return refused('review.emptyNote', 'text');
    const said = { revisionId: latest.revisionId, authorId: personId, text };
    const same = await findSameNote(database, { ...said, since: sameSince(now) });
    if (same !== null) return done({ noteId: same });
    const id = newId();
    await insertNote(database, { id, postId: post.id, ...said, createdAt: now });
    return done({ noteId: id });
  },
});

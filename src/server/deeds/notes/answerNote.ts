import { answerNote as deed } from '../../../contract/notes/answerNote';
import { asksSomething } from '../../../core/notes/asksSomething';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { sameSince } from '../../ground/database/sameSince';
import { countNoteAnswers, insertNoteAnswer, isSameNoteAnswer, lockNote } from '../../tables/notes';
import { notifyTeachers } from '../mail/notify';
import { postUseCase } from '../subjects/postUseCase';

const MOST_ANSWERS = 50;

export const answerNote = postUseCase(deed, {
  async run(input, { post, inClass }, { database, personId, now }) {
    const { noteId, postId, done: isDone } = input;
    const text = input.text.trim();
    if (text === '' && !isDone) return refused('notes.emptyAnswer', 'text');
    const note = await lockNote(database, noteId, postId);
    if (note === null || note.sent === null) return NOT_THERE;
    const answer = { noteId, authorId: personId, text, done: isDone, at: now };
    if (await isSameNoteAnswer(database, answer, sameSince(now))) return done(null);
    if ((await countNoteAnswers(database, noteId)) >= MOST_ANSWERS)
      return refused('notes.tooManyAnswers', 'text', { most: MOST_ANSWERS });
    await insertNoteAnswer(database, { ...answer, id: newId() });
    if (asksSomething(text)) await notifyTeachers(database, 'asking', { post, inClass }, now);
    return done(null);
  },
});

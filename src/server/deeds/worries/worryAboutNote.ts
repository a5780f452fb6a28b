import { worryAboutNote as deed } from '../../../contract/worries/worryAboutNote';
import { NOT_THERE } from '../../ground/access/useCase';
import { listNoteAnswers, lockNote } from '../../tables/notes';
import { postUseCase } from '../subjects/postUseCase';
import { makeCaseAtDesk } from './makeCase';

export const worryAboutNote = postUseCase(deed, {
  turn: true,
  besidePost: true,
  async run({ postId, noteId, about, words }, { post }, { database, personId, now }) {
    const note = await lockNote(database, noteId, postId);
    // A note that is only typed is its author's own.
    if (!note || note.sent === null) return NOT_THERE;
    const said =
      about === 'note'
        ? [note.sent, note.sentSuggested ?? '']
        : (await listNoteAnswers(database, postId))
            .filter((one) => one.noteId === noteId && one.authorId === post.writerId)
            .map((one) => one.text);
    const keptText = said.filter((one) => one !== '').join('\n\n');
    if (keptText === '') return NOT_THERE;
    const worry = {
      kind: about,
      postId,
      commentId: null,
      title: post.title,
      keptHtml: null,
      keptText,
      aboutId: about === 'note' ? note.authorId : post.writerId,
      audience: 'writerAndTeachers',
    } as const;
    return makeCaseAtDesk(database, worry, { classId: post.classId, personId, words, now });
  },
});

import type { NoteShown } from '../../../contract/notes/noteShown';
import { teacherName } from '../../../core/people/names';
import type { Database } from '../../ground/database/database';
import { listNoteAnswers, listNotes } from '../../tables/notes';

interface Looking {
  /** Who looks: what they have only typed is shown to them alone. */
  readonly personId: string;
  /** A moment in words, in the class's time zone. */
  readonly inWords: (at: Date) => string;
  /** Whether notes of somebody are kept from who looks; absent for nobody's. */
  readonly withheld?: (authorId: string) => boolean;
}

/** The notes of a post as somebody sees them who may read notes there. */
export async function notesShown(
  database: Database,
  postId: string,
  { personId, inWords, withheld = () => false }: Looking,
): Promise<readonly NoteShown[]> {
  const notes = (await listNotes(database, postId, { typedBy: personId })).filter(
    ({ authorId }) => !withheld(authorId),
  );
  const answers = notes.length > 0 ? await listNoteAnswers(database, postId) : [];
  return notes.map((note) => {
    const mine = note.authorId === personId;
    const [text, suggested] = mine ? [note.typed, note.suggested] : [note.sent ?? '', note.sentSuggested];
    return {
      id: note.id,
      author: teacherName(note),
      mine,
      when: inWords(note.sentAt ?? note.createdAt),
      target: note.target,
      targetId: note.targetId,
      anchor: note.anchor,
      text,
      suggested,
      sent: note.sent !== null,
      unsent: mine && (note.sent !== note.typed || note.sentSuggested !== note.suggested),
      settled: note.settledAt !== null,
      version: note.version,
      answers: answers
        .filter((answer) => answer.noteId === note.id)
        .map((answer) => ({ when: inWords(answer.at), text: answer.text, done: answer.done })),
    };
  });
}

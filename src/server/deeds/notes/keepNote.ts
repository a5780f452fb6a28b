import { keepNote as deed } from '../../../contract/notes/keepNote';
import { done, NOT_THERE, refused, type Refusal } from '../../ground/access/useCase';
import { countNotesOf, deleteNote, insertNote, lockNote, updateNote, type NoteRow } from '../../tables/notes';
import type { PostFacts } from '../subjects/findPostToActOn';
import { postUseCase } from '../subjects/postUseCase';

/** Notes of one person at one post: more is no reading any more, but a page that went wrong. */
const MOST_NOTES = 300;

export const keepNote = postUseCase(deed, {
  async run(input, facts, { database, personId, now }) {
    const { noteId: id, postId, target, version, suggested } = input;
    const saved = { savedBy: input.page ?? null, saveTurn: input.turn ?? null };
    const typed = input.text;
    const anchor = target === 'passage' ? input.anchor : null;
    const wanting = problemOf(input, facts);
    if (wanting) return wanting;
    const known = await lockNote(database, id, postId);
    if (known && known.authorId !== personId) return refused('notes.notYours');
    if (known && known.version !== Math.max(1, version) && !isNextOfSamePage(saved, known))
      // What stands there is what is sent: its answer was lost on the way.
      return known.typed === typed && known.suggested === suggested
        ? done({ kind: 'kept', version: known.version })
        : done({
            kind: 'changed',
            version: known.version,
            typed: { text: known.typed, suggested: known.suggested },
          });
    const isEmpty = typed.trim() === '' && suggested === null;
    if (known && isEmpty && known.sent === null) {
      await deleteNote(database, id);
      return done({ kind: 'kept', version: 0 });
    }
    if (known) {
      await updateNote(database, { id, anchor, typed, suggested, ...saved });
      return done({ kind: 'kept', version: known.version + 1 });
    }
    if (isEmpty) return done({ kind: 'kept', version: 0 });
    if ((await countNotesOf(database, { postId, authorId: personId })) >= MOST_NOTES)
      return refused('notes.tooMany', undefined, { most: MOST_NOTES });
    const revisionId = facts.handIns.find((one) => one.id === input.handInId)?.revisionId ?? '';
    const { targetId } = input;
    const begun = { id, postId, revisionId, authorId: personId, target, targetId, anchor, typed, suggested };
    // Somebody else's note at another post has that id: a page draws another one.
    if (!(await insertNote(database, { ...begun, ...saved, createdAt: now }))) return NOT_THERE;
    return done({ kind: 'kept', version: 1 });
  },
});

type Saved = Pick<NoteRow, 'savedBy' | 'saveTurn'>;

/** Whether a page goes on from its own last words, whatever version it knows of: the answer to those never came. */
function isNextOfSamePage(saved: Saved, known: Saved): boolean {
  return (
    saved.savedBy !== null && saved.savedBy === known.savedBy && (saved.saveTurn ?? 0) > (known.saveTurn ?? 0)
  );
}

/** What is wrong with what a note is pinned to. */
function problemOf(
  {
    handInId,
    target,
    targetId,
    anchor,
  }: {
    readonly handInId: string;
    readonly target: string;
    readonly targetId: string | null;
    readonly anchor: unknown;
  },
  { handIns, assignment }: PostFacts,
): Refusal | null {
  if (!handIns.some((one) => one.id === handInId)) return refused('review.takenBack');
  if (target === 'passage') return anchor === null ? refused('notes.targetGone') : null;
  const of = { requirement: assignment.requirements, criterion: assignment.rubric }[target];
  return of && !of.some((one) => one.id === targetId) ? refused('notes.targetGone') : null;
}

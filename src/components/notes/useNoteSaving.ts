'use client';

import { useCallback, useEffect, useRef, useState, type RefObject } from 'react';
import { keepNote, type NoteTyped } from '../../contract/notes/keepNote';
import { LONGEST_NOTE, LONGEST_SUGGESTION } from '../../core/notes/note';
import { call, type Refused } from '../basics/call';
import { newKey } from '../basics/newKey';
import { isOutOfReach } from '../basics/isOutOfReach';
import { useSaver } from '../basics/useSaver';
import { useTryingAgain } from '../basics/useTryingAgain';
import { forgetUnsavedNote, keepUnsavedNote } from '../basics/unsavedNotes';
import type { LeftOn, NoteAtWork, NotesAtWork } from './useNotes';

export type NoteState =
  | { readonly kind: 'kept' }
  | { readonly kind: 'keeping' }
  /** The server was not reached; the words are on this device, or, with `onDevice` false, in this page only. */
  | { readonly kind: 'away'; readonly onDevice: boolean }
  | { readonly kind: 'tooLong'; readonly most: number; readonly has: number }
  /** It was changed on another page since. */
  | { readonly kind: 'changed'; readonly version: number; readonly typed: NoteTyped }
  | { readonly kind: 'refused'; readonly refused: Refused };

const PAUSE = 800;
const LONGEST_WAIT = 8000;

type Kept = Pick<NoteAtWork, 'text' | 'suggested' | 'anchor'>;

/** Keeps a note by itself as it is typed: on this device at once, on the server after a pause. */
export function useNoteSaving(note: NoteAtWork, { of, join }: NotesAtWork) {
  const { id, target, targetId } = note;
  const { postId, handInId, reader } = of;
  const [state, setState] = useState<NoteState>({ kind: 'kept' });
  /** By which the server knows that what comes goes on from what this page sent before, though its answer never came. */
  const sender = useRef({ page: '', turn: 0 });
  const pinned = useRef({ postId, handInId, target, targetId });

  const keepHere = useCallback(
    (kept: Kept, version: number) =>
      keepUnsavedNote(
        { personId: reader.id, id, sealKey: reader.sealKey },
        { ...pinned.current, ...kept, version, page: pageOf(sender) },
      ),
    [id, reader.id, reader.sealKey],
  );
  const save = useCallback(
    async (kept: Kept, based: number): Promise<number | null> => {
      const tooLong = tooLongIn(kept);
      if (tooLong) {
        setState(tooLong);
        return null;
      }
      setState((now) => (now.kind === 'away' ? now : { kind: 'keeping' }));
      const page = pageOf(sender);
      // Later than all that it sent before, also before it was closed and opened again.
      const turn = Math.max(Date.now(), sender.current.turn + 1);
      sender.current.turn = turn;
      const outcome = await call(keepNote, {
        noteId: id,
        ...pinned.current,
        ...kept,
        version: based,
        page,
        turn,
      });
      if (outcome.ok && outcome.value.kind === 'kept') return outcome.value.version;
      const onDevice = await keepHere(kept, based);
      if (outcome.ok) setState(outcome.value);
      else if (isOutOfReach(outcome.code)) setState({ kind: 'away', onDevice });
      else setState({ kind: 'refused', refused: outcome });
      return null;
    },
    [id, keepHere],
  );
  const onSaved = useCallback(() => {
    setState({ kind: 'kept' });
    void forgetUnsavedNote({ personId: reader.id, id, sealKey: reader.sealKey });
  }, [id, reader.id, reader.sealKey]);
  const saver = useSaver<Kept>({
    id,
    version: note.version,
    pause: PAUSE,
    longest: LONGEST_WAIT,
    save,
    onSaved,
  });
  const { change: noteChange, flush, version, goOnFrom } = saver;
  const change = useCallback(
    (kept: Kept) => {
      noteChange(kept);
      void keepHere(kept, version());
      setState((now) => (now.kind === 'kept' ? { kind: 'keeping' } : now));
    },
    [noteChange, keepHere, version],
  );
  /** Takes up what an earlier visit left on this device, as the page that it was typed on. */
  const takeUp = useCallback(
    (kept: Kept, { version: typedOn, page }: LeftOn) => {
      sender.current.page = page;
      goOnFrom(typedOn);
      change(kept);
    },
    [change, goOnFrom],
  );
  useEffect(() => join(flush), [join, flush]);
  const again = useCallback(() => void flush(), [flush]);
  useTryingAgain(state.kind === 'away', again);
  return { state, change, flush, goOnFrom, takeUp };
}

/** The name of a page, drawn by lot when it is first asked for. */
function pageOf(sender: RefObject<{ page: string; turn: number }>): string {
  sender.current.page ||= newKey();
  return sender.current.page;
}

function tooLongIn({ text, suggested }: NoteTyped): NoteState | null {
  if (text.length > LONGEST_NOTE) return { kind: 'tooLong', most: LONGEST_NOTE, has: text.length };
  if (suggested !== null && suggested.length > LONGEST_SUGGESTION)
    return { kind: 'tooLong', most: LONGEST_SUGGESTION, has: suggested.length };
  return null;
}

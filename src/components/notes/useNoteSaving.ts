'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { keepNote, type NoteTyped } from '../../contract/notes/keepNote';
import { LONGEST_NOTE, LONGEST_SUGGESTION } from '../../core/notes/note';
import { call, type Refused } from '../basics/call';
import { isOutOfReach } from '../basics/isOutOfReach';
import { useSaver } from '../basics/useSaver';
import { useTryingAgain } from '../basics/useTryingAgain';
import { forgetUnsavedNote, keepUnsavedNote } from '../basics/unsavedNotes';
import type { NoteAtWork, NotesAtWork } from './useNotes';

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
  /** What was sent and perhaps taken, though its answer never came. */
  const sentLast = useRef<NoteTyped | null>(null);
  const pinned = useRef({ postId, handInId, target, targetId });

  const keepHere = useCallback(
    (kept: Kept, version: number) =>
      keepUnsavedNote(
        { personId: reader.id, id, sealKey: reader.sealKey },
        { ...pinned.current, ...kept, version },
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
      const send = (version: number) => call(keepNote, { noteId: id, ...pinned.current, ...kept, version });
      let outcome = await send(based);
      // What stands there came from here: its answer was lost on the way.
      if (outcome.ok && outcome.value.kind === 'changed' && isSame(outcome.value.typed, sentLast.current))
        outcome = await send(outcome.value.version);
      sentLast.current = { text: kept.text, suggested: kept.suggested };
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
  useEffect(() => join(flush), [join, flush]);
  const again = useCallback(() => void flush(), [flush]);
  useTryingAgain(state.kind === 'away', again);
  return { state, change, flush, goOnFrom };
}

function isSame(one: NoteTyped, another: NoteTyped | null): boolean {
  return one.text === another?.text && one.suggested === another.suggested;
}

function tooLongIn({ text, suggested }: NoteTyped): NoteState | null {
  if (text.length > LONGEST_NOTE) return { kind: 'tooLong', most: LONGEST_NOTE, has: text.length };
  if (suggested !== null && suggested.length > LONGEST_SUGGESTION)
    return { kind: 'tooLong', most: LONGEST_SUGGESTION, has: suggested.length };
  return null;
}

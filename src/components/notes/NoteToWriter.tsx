'use client';

import { useTranslations } from 'next-intl';
import { useEffect, useRef, useState } from 'react';
import { NoteField } from './NoteField';
import { NoteRead, type NoteToWriterProps } from './NoteRead';
import type { NotesAtWork } from './useNotes';
import { useNoteSaving } from './useNoteSaving';

/** A note as teachers have it: one's own to write on, others' to read. */
export function NoteToWriter(props: NoteToWriterProps) {
  const { note } = props;
  return note.mine ? <OwnNote {...props} /> : <NoteRead {...props} />;
}

function OwnNote(props: NoteToWriterProps) {
  const { note, work } = props;
  const t = useTranslations('notes');
  /** Since which sending it is being changed: once it is sent it is read again. */
  const [changing, setChanging] = useState<number | null>(null);
  const isChanging = changing === work.sends;
  const setIsChanging = () => setChanging(work.sends);
  const saving = useNoteSaving(note, work);
  const { text, suggested, anchor } = note;
  // What an earlier visit left here goes to the server with this one.
  const taken = useRef(false);
  const { change, takeUp } = saving;
  useEffect(() => {
    if (note.leftOn === null || taken.current) return;
    taken.current = true;
    takeUp({ text, suggested, anchor }, note.leftOn);
  }, [note.leftOn, takeUp, text, suggested, anchor]);
  // A note that was pinned again is kept with its new passage.
  const pinned = useRef(anchor);
  useEffect(() => {
    if (pinned.current === anchor) return;
    pinned.current = anchor;
    change({ text, suggested, anchor });
  }, [change, text, suggested, anchor]);

  const { toPutIn, type } = work;
  const putIn = useRef<NotesAtWork['toPutIn']>(null);
  useEffect(() => {
    if (toPutIn === putIn.current || toPutIn?.noteId !== note.id) return;
    putIn.current = toPutIn;
    const typed = {
      text: [text.trimEnd(), toPutIn.words].filter(Boolean).join(' '),
      suggested: toPutIn.suggested ?? suggested,
    };
    type(note.id, typed);
    change({ ...typed, anchor });
  }, [toPutIn, note.id, type, change, text, suggested, anchor]);

  if (note.sent && !note.unsent && !isChanging && saving.state.kind === 'kept')
    return (
      <NoteRead {...props}>
        <button type="button" className="act" onClick={setIsChanging}>
          {t('change')}
        </button>
      </NoteRead>
    );
  return <NoteField {...props} saving={saving} onTyped={setIsChanging} />;
}

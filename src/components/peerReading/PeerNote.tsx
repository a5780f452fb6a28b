'use client';

import { useTranslations } from 'next-intl';
import { useId } from 'react';
import { LONGEST_WORDS } from '../../core/peerReading/rule';
import { useInPlace } from '../notes/useInPlace';
import type { PeerWords } from './usePeerWords';

interface PeerNoteProps {
  readonly note: PeerWords;
  readonly isCurrent: boolean;
  readonly onWords: (words: string) => void;
  readonly onDrop: () => void;
}

/** A note of one's own on a classmate's text. */
export function PeerNote({ note, isCurrent, onWords, onDrop }: PeerNoteProps) {
  const t = useTranslations('peer.text');
  const id = useId();
  const field = useInPlace(isCurrent);
  return (
    <div className="note new mate">
      <label htmlFor={id}>
        <b>{note.when === null ? t('newNote') : t('youAt', { when: note.when })}</b>
      </label>
      {note.takenBack ? <p className="lost">{t('takenBack')}</p> : null}
      <textarea
        ref={field}
        id={id}
        dir="auto"
        rows={2}
        className="field [field-sizing:content]"
        maxLength={LONGEST_WORDS}
        value={note.words}
        readOnly={note.takenBack}
        onChange={({ target }) => onWords(target.value)}
      />
      {note.takenBack ? null : (
        <button type="button" className="act" onClick={onDrop}>
          {t('takeOff')}
        </button>
      )}
    </div>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { useAsking } from '../basics/useAsking';
import { NoteAnswers } from './NoteAnswers';
import { WorryAboutNote } from '../worries/WorryAboutNote';
import { SuggestedWords } from './SuggestedWords';
import type { NoteAtWork, NotesAtWork } from './useNotes';

export interface NoteToWriterProps {
  readonly note: NoteAtWork;
  readonly work: NotesAtWork;
  readonly writer: string;
  /** What it is pinned to, where that is no passage; empty for one. */
  readonly about: string;
  /** The passage as it stands now; null for one that is gone, and for what has none. */
  readonly passage: string | null;
  /** Begins to look for another passage for it. */
  readonly onPinAgain: () => void;
}

/** A note to read, with what its writer said and did about it. */
export function NoteRead({
  note,
  work,
  writer,
  about,
  passage,
  onPinAgain,
  children = null,
}: NoteToWriterProps & { readonly children?: ReactNode }) {
  const t = useTranslations('notes');
  const { busy, problem, wait } = useAsking();
  const { anchor } = note;
  const mended =
    anchor && passage !== null && passage !== anchor.quote ? { before: anchor.quote, after: passage } : null;
  const lost = anchor !== null && passage === null;
  return (
    <div
      className={`note ${note.settled ? 'settled' : ''} ${anchor || note.target === 'picture' ? '' : 'loose'}`}
      onPointerDown={() => work.lookAt(note.id)}
    >
      <b>
        {note.mine ? t('youOn', { when: note.when }) : t('byOn', { author: note.author, when: note.when })}
      </b>
      {about ? <span className="block text-[13px]">{about}</span> : null}
      {lost ? (
        <p className="lost">
          {t('lost')} <q dir="auto">{anchor.quote}</q>
        </p>
      ) : null}
      {anchor && !lost ? (
        <q className="passage-here" dir="auto">
          {passage}
        </q>
      ) : null}
      <p className="either-way">{note.text}</p>
      {note.suggested !== null && anchor ? (
        <SuggestedWords quote={anchor.quote} suggested={note.suggested} />
      ) : null}
      <NoteAnswers answers={note.answers} writer={writer} mended={mended} />
      {note.settled ? <p className="text-[13px] text-ink-2">{t('settled')}</p> : null}
      <p className="problem" role="alert">
        {problem}
      </p>
      <span className="note-acts">
        {children}
        {lost && note.mine ? (
          <button type="button" className="act" onClick={onPinAgain}>
            {t('pinAgain')}
          </button>
        ) : null}
        {lost || note.answers.length > 0 || note.settled ? (
          <button
            type="button"
            className="act"
            disabled={busy}
            onClick={() => void wait(work.settle(note.id, !note.settled))}
          >
            {t(note.settled ? 'settleNot' : 'settle')}
          </button>
        ) : null}
      </span>
      {note.answers.some((one) => one.text !== '') ? (
        <WorryAboutNote postId={work.of.postId} noteId={note.id} about="answer" />
      ) : null}
    </div>
  );
}

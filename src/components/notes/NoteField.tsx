'use client';

import { useTranslations } from 'next-intl';
import { useId } from 'react';
import type { NoteTyped } from '../../contract/notes/keepNote';
import { useAsking } from '../basics/useAsking';
import { useRefusal } from '../basics/useRefusal';
import type { NoteToWriterProps } from './NoteRead';
import type { NoteAtWork } from './useNotes';
import { useInPlace } from './useInPlace';
import type { useNoteSaving, NoteState } from './useNoteSaving';

interface NoteFieldProps extends NoteToWriterProps {
  readonly saving: ReturnType<typeof useNoteSaving>;
  readonly onTyped: () => void;
}

/** A note that is typed: its words, perhaps other words for the passage, and whether all of it is safe. */
export function NoteField({ note, work, writer, about, passage, saving, onTyped }: NoteFieldProps) {
  const t = useTranslations('notes');
  const id = useId();
  const field = useInPlace(work.current === note.id);
  const { busy, problem, wait } = useAsking();
  const { text, suggested, anchor } = note;
  const type = (part: Partial<NoteTyped>) => {
    onTyped();
    const typed = { text, suggested, ...part };
    work.type(note.id, typed);
    saving.change({ ...typed, anchor });
  };
  const settleOn = (version: number, typed: NoteTyped) => {
    saving.goOnFrom(version);
    work.type(note.id, typed);
    saving.change({ ...typed, anchor });
  };
  return (
    <div className={anchor || note.target === 'picture' ? 'note new' : 'note new loose'}>
      <label htmlFor={id}>
        <b>{note.sent ? t('youOn', { when: note.when }) : t('new')}</b>
        {about ? <span className="block text-[13px]">{about}</span> : null}
      </label>
      <textarea
        ref={field}
        id={id}
        dir="auto"
        className="field [field-sizing:content]"
        value={text}
        aria-describedby={`${id}-state`}
        onFocus={() => work.lookAt(note.id)}
        onChange={(event) => type({ text: event.target.value })}
      />
      {anchor && suggested !== null ? (
        <label className="mt-1 grid gap-1">
          <span className="text-[13px]">{t('otherWords')}</span>
          <textarea
            dir="auto"
            className="field font-read [field-sizing:content]"
            value={suggested}
            onChange={(event) => type({ suggested: event.target.value })}
          />
          <span className="text-[13px] text-ink-2">{t('canTake', { writer })}</span>
        </label>
      ) : null}
      <StateLine id={`${id}-state`} note={note} writer={writer} state={saving.state} />
      <p className="problem" role="alert">
        {problem}
      </p>
      {saving.state.kind === 'changed' ? (
        <BothVersions state={saving.state} mine={{ text, suggested }} onSettle={settleOn} />
      ) : null}
      <span className="note-acts">
        {anchor && passage !== null ? (
          <button
            type="button"
            className="act"
            onClick={() => type({ suggested: suggested === null ? passage : null })}
          >
            {t(suggested === null ? 'suggest' : 'suggestNot')}
          </button>
        ) : null}
        <button type="button" className="act" disabled={busy} onClick={() => void wait(work.drop(note.id))}>
          {t('drop')}
        </button>
      </span>
    </div>
  );
}

interface BothVersionsProps {
  readonly state: Extract<NoteState, { kind: 'changed' }>;
  readonly mine: NoteTyped;
  readonly onSettle: (version: number, typed: NoteTyped) => void;
}

/** A note that was changed on two pages: nothing is lost, its author chooses. */
function BothVersions({ state, mine, onSettle }: BothVersionsProps) {
  const t = useTranslations('notes');
  return (
    <span className="note-acts">
      <button type="button" className="act" onClick={() => onSettle(state.version, mine)}>
        {t('keepMine')}
      </button>
      <button type="button" className="act" onClick={() => onSettle(state.version, state.typed)}>
        {t('takeThat')}
      </button>
    </span>
  );
}

interface StateLineProps {
  readonly id: string;
  readonly note: NoteAtWork;
  readonly writer: string;
  readonly state: NoteState;
}

/** Whether the words of a note are safe, and who has them. */
function StateLine({ id, note, writer, state }: StateLineProps) {
  const t = useTranslations('notes.state');
  const refusal = useRefusal();
  const line = () => {
    switch (state.kind) {
      case 'kept':
        return t(note.sent ? 'keptSent' : note.text.trim() === '' ? 'empty' : 'kept', { writer });
      case 'keeping':
        return t('keeping');
      case 'away':
        return t(state.onDevice ? 'away' : 'awayHere');
      case 'tooLong':
        return t('tooLong', { most: state.most, has: state.has });
      case 'changed':
        return t('changed', { text: state.typed.text });
      case 'refused':
        return refusal(state.refused);
    }
  };
  const isWrong = state.kind !== 'kept' && state.kind !== 'keeping';
  return (
    <p id={id} className={isWrong ? 'problem' : 'text-[13px] text-ink-2'} role="status">
      {line()}
    </p>
  );
}

'use client';

import { useLocale, useTranslations } from 'next-intl';
import { useState } from 'react';
import { keepFinalMark } from '../../contract/gradebook/keepFinalMark';
import type { MarkShown } from '../../contract/gradebook/termShown';
import { figureTyped } from '../../core/gradebook/figureTyped';
import { useDeed } from '../basics/useDeed';

interface MarkFormProps {
  readonly classId: string;
  readonly term: string;
  readonly mark: MarkShown;
  readonly bands: readonly { readonly letter: string; readonly from: number }[];
  readonly onDone: () => void;
}

/** Another mark than the computed one, with the reason for it. */
export function MarkForm({ classId, term, mark, bands, onDone }: MarkFormProps) {
  const t = useTranslations('term.giving');
  const locale = useLocale();
  const { act, busy, problem } = useDeed();
  const { personId, name, given, computed } = mark;
  const [typed, setTyped] = useState(given?.mark ?? computed ?? bands[0]?.letter ?? '');
  const [reason, setReason] = useState(given?.reason ?? '');
  const [noFigure, setNoFigure] = useState(false);
  const give = async (wanted: string | null) => {
    const kept = { classId, term, personId, mark: wanted, reason, was: given?.mark ?? null };
    if (await act(keepFinalMark, kept)) onDone();
  };
  return (
    <form
      className="mark-form"
      onKeyDown={(event) => {
        if (event.key === 'Escape') onDone();
      }}
      onSubmit={(event) => {
        event.preventDefault();
        if (bands.length > 0) {
          void give(typed);
          return;
        }
        const figure = figureTyped(typed, locale);
        const isFigure = figure.ok && figure.figure !== null;
        setNoFigure(!isFigure);
        if (isFigure) void give(String(figure.figure));
      }}
    >
      {bands.length > 0 ? (
        <select
          aria-label={t('mark', { name })}
          autoFocus
          value={typed}
          onChange={({ target }) => setTyped(target.value)}
        >
          {bands.map(({ letter }) => (
            <option key={letter} value={letter}>
              {letter}
            </option>
          ))}
        </select>
      ) : (
        <input
          className="field"
          aria-label={t('mark', { name })}
          autoFocus
          inputMode="decimal"
          size={6}
          value={typed}
          aria-invalid={noFigure}
          onChange={({ target }) => setTyped(target.value)}
        />
      )}
      <input
        className="field grow"
        dir="auto"
        aria-label={t('reason', { name })}
        placeholder={t('why')}
        required
        maxLength={300}
        value={reason}
        onChange={({ target }) => setReason(target.value)}
      />
      <button className="btn go" disabled={busy}>
        {t('keep')}
      </button>
      {given ? (
        <button type="button" className="btn" disabled={busy} onClick={() => void give(null)}>
          {t('asComputed')}
        </button>
      ) : null}
      <button type="button" className="btn" onClick={onDone}>
        {t('leave')}
      </button>
      {problem || noFigure ? (
        <span role="alert" className="problem">
          {noFigure ? t('noFigure') : problem}
        </span>
      ) : null}
    </form>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { writeStep } from '../../contract/worries/writeStep';
import { LONGEST_STEP } from '../../core/safety/case';
import { useDeed } from '../basics/useDeed';
import type { CaseProps } from './caseProps';

/** A case's own log: who opened it and what was done; and writing down a step. */
export function CaseLog({ id, events, notYet, keptMonths }: CaseProps) {
  const t = useTranslations('worries.case');
  const { act, busy, problem } = useDeed();
  const [open, setOpen] = useState(false);
  const [words, setWords] = useState('');
  return (
    <div className="case-log">
      <h2>{t('log')}</h2>
      <dl>
        {events.map((one, index) => (
          <div key={index}>
            <dt>{one.when}</dt>
            <dd>
              {one.name} <span dir="auto">{t('event', { what: one.what, words: one.words ?? '' })}</span>
            </dd>
          </div>
        ))}
      </dl>
      <p className="calm">
        {notYet.length > 0 ? t('notYet', { count: notYet.length, names: notYet.join(', ') }) : null}{' '}
        {t('keptFor', { months: keptMonths ?? 0 })}
      </p>
      {open ? (
        <form
          className="mt-2 grid gap-2"
          onSubmit={async (event) => {
            event.preventDefault();
            if (!(await act(writeStep, { caseId: id, words }))) return;
            setWords('');
            setOpen(false);
          }}
        >
          <label className="grid gap-1">
            <span className="font-semibold">{t('stepWhat')}</span>
            <textarea
              className="field"
              dir="auto"
              rows={2}
              maxLength={LONGEST_STEP}
              value={words}
              aria-invalid={problem !== ''}
              onChange={(event) => setWords(event.target.value)}
            />
          </label>
          <p role="alert" className="problem">
            {problem}
          </p>
          <button className="btn justify-self-start" disabled={busy}>
            {t('stepKeep')}
          </button>
        </form>
      ) : (
        <button type="button" className="act mt-1" onClick={() => setOpen(true)}>
          {t('step')}
        </button>
      )}
    </div>
  );
}

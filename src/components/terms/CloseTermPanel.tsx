'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { closeTerm } from '../../contract/gradebook/closeTerm';
import type { TermShown } from '../../contract/gradebook/termShown';
import { Field } from '../basics/Field';
import { Panel } from '../basics/Panel';
import { useDeed } from '../basics/useDeed';

interface CloseTermPanelProps {
  readonly term: TermShown;
  readonly onDone: () => void;
}

/** Asks once more before a term is closed; where something is left to do, for the reason too. */
export function CloseTermPanel({ term, onDone }: CloseTermPanelProps) {
  const t = useTranslations('term.closing');
  const { act, busy, problem, field } = useDeed();
  const [reason, setReason] = useState('');
  const { classId, term: first, name, unread, notBack } = term;
  const left = unread + notBack > 0;
  const unfinished = term.students.filter((one) => one.unread + one.notBack > 0).length;
  return (
    <Panel title={t('title', { name })}>
      <form
        className="mt-3 grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          const asked = { classId, term: first, unread, notBack, reason: left ? reason : null };
          void act(closeTerm, asked).then((closed) => closed && onDone());
        }}
      >
        <p>{t('says')}</p>
        {left ? (
          <>
            <p className="problem">{t('left', { unread, notBack, count: unfinished })}</p>
            <Field
              label={t('reason')}
              value={reason}
              onText={setReason}
              required
              maxLength={300}
              problem={field === 'reason' ? problem : ''}
            />
          </>
        ) : null}
        {problem && field !== 'reason' ? (
          <p role="alert" className="problem">
            {problem}
          </p>
        ) : null}
        <span className="flex gap-3">
          <button className="btn go" disabled={busy}>
            {t(left ? 'closeAllTheSame' : 'close')}
          </button>
          <button type="button" className="btn" onClick={onDone}>
            {t('leave')}
          </button>
        </span>
      </form>
    </Panel>
  );
}

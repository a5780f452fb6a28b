'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { changeRetention } from '../../contract/retention/changeRetention';
import { RETAINED, type Retained, type Retention } from '../../core/privacy/retention';
import { useDeed } from '../basics/useDeed';

/** How long the school keeps what is not needed any more. An empty line keeps it. */
export function RetentionForm({ retention }: { readonly retention: Retention }) {
  const t = useTranslations('install.retention');
  const { act, busy, problem, field } = useDeed();
  const [typed, setTyped] = useState(() =>
    Object.fromEntries(RETAINED.map((what) => [what, retention[what]?.toString() ?? ''])),
  );
  const [kept, setKept] = useState(false);
  return (
    <form
      className="grid gap-3"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault();
        const months = (what: Retained) => monthsIn(typed[what] ?? '');
        setKept(
          await act(changeRetention, {
            revisions: months('revisions'),
            readings: months('readings'),
            logs: months('logs'),
            leftPosts: months('leftPosts'),
            cases: months('cases'),
            ownLines: months('ownLines'),
            absences: months('absences'),
          }),
        );
      }}
    >
      <h2 className="section-head">{t('heading')}</h2>
      <p className="under">{t('under')}</p>
      {RETAINED.map((what) => (
        <label key={what} className="grid grid-cols-[1fr_auto_auto] items-center gap-2">
          <span>{t(`what.${what}`)}</span>
          <input
            className="field w-20"
            inputMode="numeric"
            value={typed[what]}
            placeholder={t('kept')}
            aria-invalid={field === what}
            onChange={(event) => {
              setTyped({ ...typed, [what]: event.target.value });
              setKept(false);
            }}
          />
          <span>{t('months')}</span>
          {field === what ? (
            <span role="alert" className="problem col-span-3">
              {problem}
            </span>
          ) : null}
        </label>
      ))}
      <p className="text-[13.5px] text-ink-2">{t('alsoBackups')}</p>
      <p className="flex items-center gap-4">
        <button className="btn go" disabled={busy}>
          {t('keep')}
        </button>
        <span role="status" className="text-ink-2">
          {kept ? t('isKept') : ''}
        </span>
      </p>
    </form>
  );
}

/** Nothing typed is no limit; what is no whole number is sent as one that is refused at its line. */
function monthsIn(text: string): number | null {
  if (text.trim() === '') return null;
  const months = Number(text);
  return Number.isInteger(months) ? months : -1;
}

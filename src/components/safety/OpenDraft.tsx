'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useId, useState } from 'react';
import { askToOpenDraft } from '../../contract/safety/askToOpenDraft';
import type { OpeningState } from '../../core/privacy/opening';
import { Field } from '../basics/Field';
import { Mark } from '../basics/Mark';
import { useDeed } from '../basics/useDeed';

interface OpenDraftProps {
  readonly drafts: readonly {
    readonly postId: string;
    readonly writer: string;
    readonly assignment: string;
  }[];
  readonly openings: readonly {
    readonly id: string;
    readonly writer: string;
    readonly assignment: string;
    readonly asked: string;
    readonly until: string | null;
    readonly state: OpeningState;
    readonly told: boolean;
    readonly own: boolean;
  }[];
}

const MARKS = { waits: 's-w', open: 's-m', declined: 's-g', over: 's-u' } as const;

/** A draft may be opened for a safety concern, by a teacher and an administrator together. */
export function OpenDraft({ drafts, openings }: OpenDraftProps) {
  const t = useTranslations('safety');
  const { act, busy, problem, field } = useDeed();
  const [asking, setAsking] = useState(false);
  const [postId, setPostId] = useState('');
  const [reason, setReason] = useState('');
  const [quiet, setQuiet] = useState(false);
  const [harm, setHarm] = useState('');
  const id = useId();
  const ask = async () => {
    if (!(await act(askToOpenDraft, { postId, reason, harm: quiet ? harm : '' }))) return;
    setAsking(false);
    setReason('');
    setHarm('');
    setQuiet(false);
  };
  return (
    <main className="page" id="main">
      <h1 className="says">{t('heading')}</h1>
      <p className="under">{t('under')}</p>
      {openings.length > 0 ? (
        <ul className="rows mt-3">
          {openings.map((one) => (
            <li key={one.id} className="sm:grid-cols-[24px_1fr_260px_auto]">
              <Mark id={MARKS[one.state]} className="s" />
              <span>
                <b>{one.writer}</b>, {one.assignment}
                <span className="calm block">{t('asked', { when: one.asked })}</span>
              </span>
              <span className="calm">
                {t(`state.${one.state}`, { until: one.until ?? '' })}
                {one.state === 'open' ? ` ${t(one.told ? 'writerKnows' : 'writerNotTold')}` : ''}
              </span>
              {one.state === 'open' && one.own ? (
                <Link className="btn" href={`/opened/${one.id}`} prefetch={false}>
                  {t('read')}
                </Link>
              ) : (
                <span />
              )}
            </li>
          ))}
        </ul>
      ) : null}
      {asking ? (
        <form
          className="mt-4 grid gap-3"
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            void ask();
          }}
        >
          <label className="grid gap-1">
            <span className="font-semibold">{t('which')}</span>
            <select className="field" value={postId} onChange={(event) => setPostId(event.target.value)}>
              <option value="">{t('choose')}</option>
              {drafts.map((one) => (
                <option key={one.postId} value={one.postId}>
                  {`${one.writer}: ${one.assignment}`}
                </option>
              ))}
            </select>
          </label>
          <label className="grid gap-1" htmlFor={id}>
            <span className="font-semibold">{t('reason')}</span>
            <textarea
              id={id}
              className="field min-h-[90px]"
              maxLength={2000}
              value={reason}
              aria-invalid={field === 'reason'}
              onChange={(event) => setReason(event.target.value)}
            />
          </label>
          <label className="flex items-center gap-3">
            <input type="checkbox" checked={quiet} onChange={(event) => setQuiet(event.target.checked)} />
            {t('quiet')}
          </label>
          {quiet ? <Field label={t('harm')} value={harm} maxLength={300} onText={setHarm} /> : null}
          <p role="alert" className="problem">
            {problem}
          </p>
          <span className="flex gap-4">
            <button className="btn go" disabled={busy || postId === '' || (quiet && harm.trim() === '')}>
              {t('ask')}
            </button>
            <button type="button" className="btn" data-leave="" onClick={() => setAsking(false)}>
              {t('leave')}
            </button>
          </span>
        </form>
      ) : (
        <button
          type="button"
          className="btn mt-4"
          disabled={drafts.length === 0}
          onClick={() => setAsking(true)}
        >
          {t('begin')}
        </button>
      )}
    </main>
  );
}

'use client';

import { archiveAddress } from '../../contract/addresses';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { deleteClass } from '../../contract/classes/deleteClass';
import { previewClassDeletion, type ClassHoldings } from '../../contract/classes/previewClassDeletion';
import { call } from '../basics/call';
import { Field } from '../basics/Field';
import { useAsking } from '../basics/useAsking';

interface DeleteClassProps {
  readonly classId: string;
  readonly title: string;
  readonly resting: boolean;
  /** Whether an archive was taken since the class is at rest. */
  readonly archived: boolean;
}

/** The end of a class: rest, an archive, what would go, its title typed by hand; and then a month to change one's mind. */
export function DeleteClass({ classId, title, resting, archived }: DeleteClassProps) {
  const t = useTranslations('classSettings.deleting');
  const [holdings, setHoldings] = useState<ClassHoldings | null>(null);
  const [typed, setTyped] = useState('');
  const [taken, setTaken] = useState(archived);
  const { busy, problem, wait } = useAsking();
  const ask = async () => {
    const outcome = await wait(call(previewClassDeletion, { classId }));
    setHoldings(outcome.ok ? outcome.value : null);
  };
  const doIt = async () => {
    const { ok } = await wait(call(deleteClass, { classId, title: typed }), { leaves: true });
    if (ok) window.location.assign('/classes');
  };
  return (
    <section className="grid gap-3">
      <h2 className="section-head">{t('heading')}</h2>
      <p className="under">{t(resting ? 'under' : 'restFirst')}</p>
      <a
        className="btn justify-self-start"
        href={archiveAddress.ofClass(classId)}
        download
        onClick={() => setTaken(resting)}
      >
        {t('archive')}
      </a>
      {resting && taken && !holdings ? (
        <button type="button" className="act justify-self-start" disabled={busy} onClick={() => void ask()}>
          {t('begin')}
        </button>
      ) : null}
      {holdings ? (
        <form
          className="grid gap-3"
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            void doIt();
          }}
        >
          <p>{t('what', { ...holdings })}</p>
          <p className="text-ink-2">{t('month')}</p>
          <Field label={t('typeTitle', { title })} value={typed} autoComplete="off" onText={setTyped} />
          <span className="flex flex-wrap gap-3">
            <button className="btn" disabled={busy || typed.trim() === ''}>
              {t('do', { title })}
            </button>
            <button type="button" className="btn" onClick={() => setHoldings(null)}>
              {t('leave')}
            </button>
          </span>
        </form>
      ) : null}
      <p role="alert" className="problem">
        {problem}
      </p>
    </section>
  );
}

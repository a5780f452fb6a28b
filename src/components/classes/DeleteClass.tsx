'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { deleteClass } from '../../contract/classes/deleteClass';
import { previewClassDeletion, type ClassHoldings } from '../../contract/classes/previewClassDeletion';
import { call } from '../basics/call';
import { Field } from '../basics/Field';
import { useRefusal } from '../basics/useRefusal';

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
  const refusal = useRefusal();
  const [holdings, setHoldings] = useState<ClassHoldings | null>(null);
  const [typed, setTyped] = useState('');
  const [taken, setTaken] = useState(archived);
  const [problem, setProblem] = useState('');
  const ask = async () => {
    const outcome = await call(previewClassDeletion, { classId });
    setProblem(outcome.ok ? '' : refusal(outcome));
    setHoldings(outcome.ok ? outcome.value : null);
  };
  const doIt = async () => {
    const outcome = await call(deleteClass, { classId, title: typed });
    if (outcome.ok) window.location.assign('/classes');
    else setProblem(refusal(outcome));
  };
  return (
    <section className="grid gap-3">
      <h2 className="section-head">{t('heading')}</h2>
      <p className="under">{t(resting ? 'under' : 'restFirst')}</p>
      <a
        className="btn justify-self-start"
        href={`/api/archive?class=${classId}`}
        download
        onClick={() => setTaken(resting)}
      >
        {t('archive')}
      </a>
      {resting && taken && !holdings ? (
        <button type="button" className="act justify-self-start" onClick={() => void ask()}>
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
            <button className="btn" disabled={typed.trim() === ''}>
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

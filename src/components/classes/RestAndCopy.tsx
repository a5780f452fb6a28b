'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { addressesOf } from '../../contract/addresses';
import { copyClass } from '../../contract/classes/copyClass';
import { restClass } from '../../contract/classes/restClass';
import { call } from '../basics/call';
import { Field } from '../basics/Field';
import { useDeed } from '../basics/useDeed';
import { useRefusal } from '../basics/useRefusal';
import { useOwnSession } from '../basics/useOwnSession';
import type { ClassNames } from './classProps';

interface RestAndCopyProps {
  readonly classId: string;
  readonly names: ClassNames;
  readonly resting: boolean;
}

/** The end of a school year: a copy for the next one, and rest for this. */
export function RestAndCopy({ classId, names, resting }: RestAndCopyProps) {
  const t = useTranslations('classSettings.rest');
  const refusal = useRefusal();
  const { act, busy, problem } = useDeed();
  const { turnTo, problem: turnProblem } = useOwnSession();
  const [title, setTitle] = useState(names.title);
  const [groupName, setGroupName] = useState('');
  const [copyProblem, setCopyProblem] = useState('');
  const copy = async () => {
    const outcome = await call(copyClass, { classId, title, groupName });
    if (!outcome.ok) return setCopyProblem(refusal(outcome));
    return turnTo(outcome.value.classId, addressesOf(outcome.value.classId).settings);
  };
  return (
    <section className="grid gap-6">
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void copy();
        }}
      >
        <h2 className="section-head">{t('copyHeading')}</h2>
        <p className="under">{t('whatIsCopied')}</p>
        <Field label={t('newTitle')} value={title} maxLength={120} required onText={setTitle} />
        <Field label={t('newGroup')} value={groupName} maxLength={40} onText={setGroupName} />
        <button className="btn justify-self-start" disabled={busy || title.trim() === ''}>
          {t('copy')}
        </button>
        <p role="alert" className="problem">
          {copyProblem || turnProblem}
        </p>
      </form>
      <div className="grid gap-3">
        <h2 className="section-head">{t(resting ? 'restsHeading' : 'restHeading')}</h2>
        <p className="under">{t(resting ? 'waking' : 'resting')}</p>
        <button
          type="button"
          className="btn justify-self-start"
          disabled={busy}
          onClick={() => void act(restClass, { classId, rest: !resting })}
        >
          {t(resting ? 'wake' : 'rest')}
        </button>
        <p role="alert" className="problem">
          {problem}
        </p>
      </div>
    </section>
  );
}

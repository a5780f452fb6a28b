'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { makeClass } from '../../contract/classes/makeClass';
import { call } from '../basics/call';
import { Field } from '../basics/Field';
import { useRefusal } from '../basics/useRefusal';

/** The first step of a class: what it is called. The rest is settled on its own pages, whenever there is time. */
export function NewClassForm({ onMade }: { readonly onMade: (classId: string) => void }) {
  const t = useTranslations('classes.make');
  const refusal = useRefusal();
  const [title, setTitle] = useState('');
  const [groupName, setGroupName] = useState('');
  const [refused, setRefused] = useState<{ readonly field: string; readonly problem: string } | null>(null);
  const [busy, setBusy] = useState(false);
  const make = async () => {
    if (!title.trim()) return setRefused({ field: 'title', problem: t('noTitle') });
    setBusy(true);
    const outcome = await call(makeClass, {
      title,
      groupName,
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      language: 'en-GB',
    });
    setBusy(false);
    if (outcome.ok) onMade(outcome.value.classId);
    else setRefused({ field: outcome.field ?? '', problem: refusal(outcome) });
  };
  const problemOf = (field: string) => (refused?.field === field ? refused.problem : '');
  return (
    <form
      className="mt-10 grid max-w-[460px] gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void make();
      }}
    >
      <h2 className="section-head">{t('heading')}</h2>
      <Field
        label={t('title')}
        hint={t('titleHint')}
        value={title}
        maxLength={120}
        problem={problemOf('title')}
        onText={setTitle}
      />
      <Field
        label={t('group')}
        value={groupName}
        maxLength={40}
        problem={problemOf('groupName')}
        onText={setGroupName}
      />
      {refused && refused.field !== 'title' && refused.field !== 'groupName' ? (
        <p role="alert" className="problem">
          {refused.problem}
        </p>
      ) : null}
      <button className="btn go justify-self-start" disabled={busy}>
        {t('go')}
      </button>
    </form>
  );
}

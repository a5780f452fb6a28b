'use client';

import { useLocale, useTranslations } from 'next-intl';
import { useState } from 'react';
import { makeClass } from '../../contract/classes/makeClass';
import { call } from '../basics/call';
import { Field } from '../basics/Field';
import { useAsking } from '../basics/useAsking';

/** The first step of a class: what it is called. The rest is settled on its own pages, whenever there is time. */
export function NewClassForm({ onMade }: { readonly onMade: (classId: string) => void }) {
  const t = useTranslations('classes.make');
  const locale = useLocale();
  const [title, setTitle] = useState('');
  const [groupName, setGroupName] = useState('');
  const { busy, problem, field, problemAt, say, wait } = useAsking();
  const make = async () => {
    if (!title.trim()) return say(t('noTitle'), 'title');
    const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
    const outcome = await wait(call(makeClass, { title, groupName, timeZone, language: locale }));
    if (outcome.ok) onMade(outcome.value.classId);
  };
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
        problem={problemAt('title')}
        onText={setTitle}
      />
      <Field
        label={t('group')}
        value={groupName}
        maxLength={40}
        problem={problemAt('groupName')}
        onText={setGroupName}
      />
      {problem && field !== 'title' && field !== 'groupName' ? (
        <p role="alert" className="problem">
          {problem}
        </p>
      ) : null}
      <button className="btn go justify-self-start" disabled={busy}>
        {t('go')}
      </button>
    </form>
  );
}

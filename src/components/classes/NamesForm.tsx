'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { nameClass } from '../../contract/classes/nameClass';
import { Field } from '../basics/Field';
import { useDeed } from '../basics/useDeed';
import { KeepLine } from './KeepLine';
import type { ClassNames } from './classProps';

const FIELDS = ['title', 'groupName', 'subtitle', 'schoolName'] as const;
const LONGEST = { title: 120, groupName: 40, subtitle: 200, schoolName: 120 } as const;

/** What the class and its blog are called. */
export function NamesForm({ classId, names }: { readonly classId: string; readonly names: ClassNames }) {
  const t = useTranslations('classSettings.names');
  const { act, busy, problem, field } = useDeed();
  const [typed, setTyped] = useState(names);
  const [kept, setKept] = useState(false);
  const changed = FIELDS.some((name) => typed[name] !== names[name]);
  return (
    <form
      className="grid gap-3"
      onSubmit={async (event) => {
        event.preventDefault();
        setKept(await act(nameClass, { classId, ...typed }));
      }}
    >
      <h2 className="section-head">{t('heading')}</h2>
      {FIELDS.map((name) => (
        <Field
          key={name}
          label={t(name)}
          maxLength={LONGEST[name]}
          value={typed[name]}
          problem={field === name ? problem : ''}
          onText={(text) => setTyped({ ...typed, [name]: text })}
        />
      ))}
      <KeepLine busy={busy} changed={changed} kept={kept} />
    </form>
  );
}

'use client';

import { archiveAddress } from '../../contract/addresses';
import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { handOn } from '../../contract/people/handOn';
import { useDeed } from '../basics/useDeed';
import type { RosterStudent } from './rosterProps';

/** That another class speaks for a student, so that nothing of them is changed here. */
export function AnotherSpeaks({
  person,
  onClose,
}: {
  readonly person: RosterStudent;
  readonly onClose: () => void;
}) {
  const t = useTranslations('roster');
  return (
    <section>
      <h2 className="font-read text-[23px] font-semibold">{person.name}</h2>
      <p className="mt-3">{t('home.another', { home: person.home.title ?? 'none', name: person.name })}</p>
      <span className="mt-4 flex flex-wrap gap-3">
        <a className="btn" href={archiveAddress.ofPerson(person.personId)} download>
          {t('form.archive')}
        </a>
        <button type="button" className="btn" data-leave="" onClick={onClose}>
          {t('form.leave')}
        </button>
      </span>
    </section>
  );
}

/** Lets another class that the student is in speak for them from now on. */
export function HandOn({ classId, person }: { readonly classId: string; readonly person: RosterStudent }) {
  const t = useTranslations('roster.home');
  const id = useId();
  const { act, busy, problem } = useDeed();
  const [toClassId, setToClassId] = useState(person.alsoIn[0]?.id ?? '');
  if (person.alsoIn.length === 0) return null;
  return (
    <details className="mt-8">
      <summary className="font-semibold text-porch">{t('handOn')}</summary>
      <p className="under mt-2">{t('whatFor', { name: person.name })}</p>
      <span className="mt-3 flex flex-wrap items-end gap-3">
        <label className="grid gap-1" htmlFor={id}>
          <span className="font-semibold">{t('to')}</span>
          <select
            id={id}
            className="field"
            value={toClassId}
            onChange={(event) => setToClassId(event.target.value)}
          >
            {person.alsoIn.map((one) => (
              <option key={one.id} value={one.id}>
                {one.title}
              </option>
            ))}
          </select>
        </label>
        <button
          type="button"
          className="btn"
          disabled={busy}
          onClick={() => void act(handOn, { classId, personId: person.personId, toClassId })}
        >
          {t('do')}
        </button>
      </span>
      <p className="problem" role="alert">
        {problem}
      </p>
    </details>
  );
}

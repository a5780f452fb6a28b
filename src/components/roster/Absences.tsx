'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { dropAbsence, noteAbsence } from '../../contract/people/noteAbsence';
import { Field } from '../basics/Field';
import { useDeed } from '../basics/useDeed';
import type { RosterStudent } from './rosterProps';

interface AbsencesProps {
  readonly classId: string;
  readonly person: RosterStudent;
  /** The present day, to begin with. */
  readonly today: string;
}

/** When a student is away: from a day to a day, never why. */
export function Absences({ classId, person, today }: AbsencesProps) {
  const t = useTranslations('roster.away');
  const { act, busy, problem, field } = useDeed();
  const [days, setDays] = useState({ from: today, to: today });
  return (
    <section className="mt-8">
      <h3 className="section-head">{t('heading')}</h3>
      <p className="under mt-2">{t('whatFor')}</p>
      <ul>
        {person.absences.map((one) => (
          <li key={one.id} className="grid grid-cols-[1fr_auto] gap-3 border-b border-line py-2.5">
            <span className={one.over ? 'calm' : ''}>
              {one.to === null ? t('on', { day: one.from }) : t('fromTo', { from: one.from, to: one.to })}
              {one.over ? <span className="block">{t('over')}</span> : null}
            </span>
            <button
              type="button"
              className="act self-start"
              disabled={busy}
              aria-label={t('takeBackFrom', { day: one.from })}
              onClick={() => void act(dropAbsence, { classId, personId: person.personId, absenceId: one.id })}
            >
              {t('takeBack')}
            </button>
          </li>
        ))}
      </ul>
      <form
        className="mt-3 flex flex-wrap items-end gap-3"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void act(noteAbsence, { classId, personId: person.personId, ...days });
        }}
      >
        <Field
          type="date"
          label={t('firstDay')}
          value={days.from}
          problem={field === 'from' ? problem : ''}
          onText={(from) => setDays({ from, to: from > days.to ? from : days.to })}
        />
        <Field
          type="date"
          label={t('lastDay')}
          value={days.to}
          problem={field === 'to' ? problem : ''}
          onText={(to) => setDays({ ...days, to })}
        />
        <button className="btn mb-1" disabled={busy || !days.from || !days.to}>
          {t('note')}
        </button>
        {problem && field !== 'from' && field !== 'to' ? (
          <p role="alert" className="problem">
            {problem}
          </p>
        ) : null}
      </form>
    </section>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { addressesOf } from '../../contract/addresses';
import type { ChooseSheetsShown } from '../../contract/gradebook/sheetShown';
import { fromAppointments } from '../../core/gradebook/appointments';
import { Field } from '../basics/Field';

/** Chooses for whom sheets are made, and in which order they come. */
export function ChooseSheets({ classId, students }: ChooseSheetsShown) {
  const t = useTranslations('talk.who');
  const router = useRouter();
  const [day, setDay] = useState('');
  /** The times by student; empty for who is chosen without one. */
  const [times, setTimes] = useState<ReadonlyMap<string, string>>(new Map());
  const set = (personId: string, time: string | null) => {
    const next = new Map(times);
    if (time === null) next.delete(personId);
    else next.set(personId, time);
    setTimes(next);
  };
  return (
    <main className="page" id="main">
      <h1 className="says">{t('title')}</h1>
      <p className="under">{t('says')}</p>
      <form
        className="mt-5 grid max-w-xl gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          const chosen = students.flatMap(({ personId }) => {
            const time = times.get(personId);
            return time === undefined ? [] : [{ personId, time: time || null }];
          });
          router.push(
            `${addressesOf(classId).sheets}?for=${fromAppointments(chosen)}${day ? `&day=${day}` : ''}`,
          );
        }}
      >
        <Field label={t('day')} type="date" value={day} onText={setDay} />
        <button
          type="button"
          className="act justify-self-start"
          onClick={() =>
            setTimes(new Map(students.map(({ personId }) => [personId, times.get(personId) ?? ''])))
          }
        >
          {t('all')}
        </button>
        <ul className="grid gap-1">
          {students.map(({ personId, name }) => (
            <li key={personId} className="flex items-center justify-between gap-4">
              <label className="flex min-h-10 items-center gap-2" dir="auto">
                <input
                  type="checkbox"
                  checked={times.has(personId)}
                  onChange={({ target }) => set(personId, target.checked ? '' : null)}
                />
                {name}
              </label>
              {times.has(personId) ? (
                <input
                  type="time"
                  className="field !w-auto"
                  aria-label={t('time', { name })}
                  value={times.get(personId)}
                  onChange={({ target }) => set(personId, target.value)}
                />
              ) : null}
            </li>
          ))}
        </ul>
        <button className="btn go justify-self-start" disabled={times.size === 0}>
          {t('make', { count: times.size })}
        </button>
      </form>
    </main>
  );
}

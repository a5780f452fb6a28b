'use client';

import { School } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { useDeed } from '../../basics/useDeed';
import { changeable } from './changeable';
import { SaidLine } from './SaidLine';
import type { ReadProps } from './readProps';

/** The other classes that have this assignment, each with its own due time, and giving it to a further one. */
export function GivenTo(props: ReadProps) {
  const { assignmentId, draft, groupName, given, givenUnseen, otherClasses, series, seriesOf, flush } = props;
  const t = useTranslations('builder.given');
  const { act, busy, problem } = useDeed();
  const [classId, setClassId] = useState('');
  const [due, setDue] = useState('');
  const id = useId();
  if (seriesOf || (given.length === 0 && givenUnseen === 0 && otherClasses.length === 0)) return null;
  const give = async (to: string, at: string | null) =>
    at !== '' && (await flush()) ? act('giveAssignment', { assignmentId, classId: to, due: at }) : false;
  return (
    <SaidLine
      icon={School}
      isRefused={problem !== ''}
      said={t.rich('said', {
        ...changeable,
        group: groupName,
        count: given.length + givenUnseen,
        classes: [...given.map((one) => one.title), ...(givenUnseen ? [t('unseenToo')] : [])].join(t('and')),
      })}
    >
      {given.length ? (
        <p className="text-[13.5px] text-ink-2">{t(series ? 'isOneSeries' : 'isOne')}</p>
      ) : null}
      <ul className="grid gap-3">
        {given.map((one) => (
          <li key={one.classId} className="grid gap-1 border-l-4 border-porch pl-3">
            <b>{one.title}</b>
            {series ? (
              <span>{t('repeated', { count: one.repetitions.all })}</span>
            ) : (
              <label className="grid gap-0.5" htmlFor={`${id}-${one.classId}`}>
                <span className="text-[13.5px] text-ink-2">{t('due')}</span>
                <input
                  id={`${id}-${one.classId}`}
                  className="field"
                  type="datetime-local"
                  defaultValue={one.due ?? ''}
                  onBlur={(event) => {
                    if (event.target.value !== one.due) void give(one.classId, event.target.value);
                  }}
                />
              </label>
            )}
            <button
              type="button"
              className="act justify-self-start text-left !whitespace-normal"
              disabled={busy}
              onClick={() => void act('partAssignment', { assignmentId: one.assignmentId })}
            >
              {t(one.begun + one.repetitions.seen > 0 ? 'part' : 'takeAway', { class: one.title })}
            </button>
            {one.begun > 0 ? (
              <span className="text-[13.5px] text-ink-2">{t('partMeans', { count: one.begun })}</span>
            ) : null}
            {one.repetitions.seen > 0 ? (
              <span className="text-[13.5px] text-ink-2">
                {t('partSeriesMeans', { count: one.repetitions.seen })}
              </span>
            ) : null}
          </li>
        ))}
      </ul>
      {givenUnseen > 0 ? (
        <p className="text-[13.5px] text-ink-2">{t('unseen', { count: givenUnseen })}</p>
      ) : null}
      {otherClasses.length ? (
        <div className="grid gap-1">
          <label className="grid gap-0.5" htmlFor={`${id}-class`}>
            <span>{t('giveTo')}</span>
            <select
              id={`${id}-class`}
              className="field"
              value={classId}
              onChange={(event) => {
                setClassId(event.target.value);
                setDue(due || (draft.due ?? ''));
              }}
            >
              <option value="">{t('nobodyElse')}</option>
              {otherClasses.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.title}
                </option>
              ))}
            </select>
          </label>
          {classId ? (
            <>
              {series ? (
                <p className="text-[13.5px] text-ink-2">{t('sameDays')}</p>
              ) : (
                <label className="grid gap-0.5" htmlFor={`${id}-due`}>
                  <span className="text-[13.5px] text-ink-2">{t('due')}</span>
                  <input
                    id={`${id}-due`}
                    className="field"
                    type="datetime-local"
                    value={due}
                    onChange={(event) => setDue(event.target.value)}
                  />
                </label>
              )}
              <button
                type="button"
                className="btn justify-self-start"
                disabled={busy || !(series ?? due)}
                onClick={() =>
                  void give(classId, series ? null : due).then((done) => (done ? setClassId('') : undefined))
                }
              >
                {t('give')}
              </button>
            </>
          ) : null}
        </div>
      ) : null}
      <p className="problem" role="alert">
        {problem}
      </p>
    </SaidLine>
  );
}

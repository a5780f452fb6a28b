'use client';

import { School } from 'lucide-react';
import { useFormatter, useTranslations } from 'next-intl';
import { useId, useState, type InputHTMLAttributes } from 'react';
import { giveAssignment } from '../../../contract/assignments/giveAssignment';
import { partAssignment } from '../../../contract/assignments/partAssignment';
import { useDeed } from '../../basics/useDeed';
import { changeable } from './changeable';
import { SaidLine } from './SaidLine';
import type { ReadProps } from './readProps';

/** The other classes that have this assignment, each with its own due time or days, and giving it to a further one. */
export function GivenTo(props: ReadProps) {
  const { assignmentId, draft, groupName, given, givenUnseen, otherClasses, series, seriesOf, flush } = props;
  const t = useTranslations('builder.given');
  const format = useFormatter();
  const { act, busy, problem } = useDeed();
  if (seriesOf || (given.length === 0 && givenUnseen === 0 && otherClasses.length === 0)) return null;
  const isSeries = series !== null;
  const give = async (classId: string, due: string | null) =>
    (await flush()) && (await act(giveAssignment, { assignmentId, classId, due }));
  return (
    <SaidLine
      icon={School}
      isRefused={problem !== ''}
      said={t.rich('said', {
        ...changeable,
        group: groupName,
        count: given.length + givenUnseen,
        classes: format.list([...given.map((one) => one.title), ...(givenUnseen ? [t('unseenToo')] : [])]),
      })}
    >
      {given.length ? (
        <p className="text-[13.5px] text-ink-2">{t(isSeries ? 'isOneSeries' : 'isOne')}</p>
      ) : null}
      <ul className="grid gap-3">
        {given.map((one) => (
          <HasIt
            key={one.classId}
            there={one}
            isSeries={isSeries}
            busy={busy}
            onDue={(due) => void give(one.classId, due)}
            onTakeAway={() => void act(partAssignment, { assignmentId: one.assignmentId })}
          />
        ))}
      </ul>
      {givenUnseen > 0 ? (
        <p className="text-[13.5px] text-ink-2">{t('unseen', { count: givenUnseen })}</p>
      ) : null}
      {otherClasses.length ? (
        <GiveToAnother
          classes={otherClasses}
          firstDue={draft.due ?? ''}
          isSeries={isSeries}
          busy={busy}
          onGive={give}
        />
      ) : null}
      <p className="problem" role="alert">
        {problem}
      </p>
    </SaidLine>
  );
}

interface HasItProps {
  readonly there: ReadProps['given'][number];
  /** A series has days of its own there instead of a due time. */
  readonly isSeries: boolean;
  readonly busy: boolean;
  readonly onDue: (due: string) => void;
  readonly onTakeAway: () => void;
}

/** Another class that has it. */
function HasIt({ there, isSeries, busy, onDue, onTakeAway }: HasItProps) {
  const t = useTranslations('builder.given');
  const { title, due, begun, repetitions } = there;
  return (
    <li className="grid gap-1 border-l-4 border-porch pl-3">
      <b>{title}</b>
      {isSeries ? (
        <span>{t('repeated', { count: repetitions.all })}</span>
      ) : (
        <DueThere
          defaultValue={due ?? ''}
          onBlur={(event) => {
            const typed = event.target.value;
            if (typed && typed !== due) onDue(typed);
          }}
        />
      )}
      <button
        type="button"
        className="act justify-self-start text-left !whitespace-normal"
        disabled={busy}
        onClick={onTakeAway}
      >
        {t(begun + repetitions.seen > 0 ? 'part' : 'takeAway', { class: title })}
      </button>
      {begun > 0 ? (
        <span className="text-[13.5px] text-ink-2">{t('partMeans', { count: begun })}</span>
      ) : null}
      {repetitions.seen > 0 ? (
        <span className="text-[13.5px] text-ink-2">{t('partSeriesMeans', { count: repetitions.seen })}</span>
      ) : null}
    </li>
  );
}

interface GiveToAnotherProps extends Pick<HasItProps, 'isSeries' | 'busy'> {
  readonly classes: ReadProps['otherClasses'];
  readonly firstDue: string;
  /** Null for a series; whether it was given. */
  readonly onGive: (classId: string, due: string | null) => Promise<boolean>;
}

function GiveToAnother({ classes, firstDue, isSeries, busy, onGive }: GiveToAnotherProps) {
  const t = useTranslations('builder.given');
  const id = useId();
  const [classId, setClassId] = useState('');
  const [due, setDue] = useState('');
  const give = async () => {
    if (await onGive(classId, isSeries ? null : due)) setClassId('');
  };
  return (
    <div className="grid gap-1">
      <label className="grid gap-0.5" htmlFor={id}>
        <span>{t('giveTo')}</span>
        <select
          id={id}
          className="field"
          value={classId}
          onChange={(event) => {
            setClassId(event.target.value);
            setDue(due || firstDue);
          }}
        >
          <option value="">{t('nobodyElse')}</option>
          {classes.map((one) => (
            <option key={one.id} value={one.id}>
              {one.title}
            </option>
          ))}
        </select>
      </label>
      {classId ? (
        <>
          {isSeries ? (
            <p className="text-[13.5px] text-ink-2">{t('sameDays')}</p>
          ) : (
            <DueThere value={due} onChange={(event) => setDue(event.target.value)} />
          )}
          <button
            type="button"
            className="btn justify-self-start"
            disabled={busy || (!isSeries && !due)}
            onClick={() => void give()}
          >
            {t('give')}
          </button>
        </>
      ) : null}
    </div>
  );
}

function DueThere(input: InputHTMLAttributes<HTMLInputElement>) {
  const t = useTranslations('builder.given');
  const id = useId();
  return (
    <label className="grid gap-0.5" htmlFor={id}>
      <span className="text-[13.5px] text-ink-2">{t('due')}</span>
      <input {...input} id={id} className="field" type="datetime-local" />
    </label>
  );
}

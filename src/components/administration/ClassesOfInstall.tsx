'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { giveTeacher } from '../../contract/administration/giveTeacher';
import { useDeed } from '../basics/useDeed';

/** A class with its size. */
export interface ClassShown {
  readonly id: string;
  readonly title: string;
  readonly groupName: string;
  readonly students: number;
  readonly posts: number;
  readonly pictures: number;
  readonly resting: boolean;
  /** Who runs it; null where nobody does who has an account here. */
  readonly teacher: string | null;
}

interface Teacher {
  readonly personId: string;
  readonly name: string;
}

interface ClassesProps {
  readonly classes: readonly ClassShown[];
  /** Who could run one. */
  readonly teachers: readonly Teacher[];
}

/** The classes of the install, those without a teacher first, and giving one another teacher. */
export function ClassesOfInstall({ classes, teachers }: ClassesProps) {
  const t = useTranslations('install');
  const [giving, setGiving] = useState<string | null>(null);
  const alone = (one: ClassShown) => one.teacher === null && !one.resting;
  return (
    <ul className="rows">
      {classes
        .toSorted((one, another) => Number(alone(another)) - Number(alone(one)))
        .map((one) => {
          const name = [one.title, one.groupName].filter(Boolean).join(', ');
          return (
            <li key={one.id} className="sm:grid-cols-[1fr_auto]">
              <span>
                <b>
                  <bdi>{name}</bdi>
                </b>
                <span className={one.teacher === null ? 'problem block' : 'calm block'}>
                  {one.teacher === null ? t('noTeacher') : t('runBy', { name: one.teacher })}{' '}
                  <button
                    type="button"
                    className="act"
                    aria-expanded={giving === one.id}
                    aria-label={t('giveTeacherTo', { name })}
                    onClick={() => setGiving(giving === one.id ? null : one.id)}
                  >
                    {t('giveTeacher')}
                  </button>
                </span>
              </span>
              <span className="calm">
                {t('classSize', { students: one.students, posts: one.posts, pictures: one.pictures })}
                {one.resting ? `, ${t('resting')}` : ''}
              </span>
              {giving === one.id ? (
                <GiveTeacher
                  classId={one.id}
                  former={one.teacher}
                  teachers={teachers}
                  onDone={() => setGiving(null)}
                />
              ) : null}
            </li>
          );
        })}
    </ul>
  );
}

interface GiveTeacherProps {
  readonly classId: string;
  readonly former: string | null;
  readonly teachers: readonly Teacher[];
  readonly onDone: () => void;
}

function GiveTeacher({ classId, former, teachers, onDone }: GiveTeacherProps) {
  const t = useTranslations('install');
  const { act, busy, problem } = useDeed();
  const [personId, setPersonId] = useState('');
  const [formerStays, setFormerStays] = useState(false);
  return (
    <form
      className="col-span-full flex flex-wrap items-center gap-3"
      onSubmit={async (event) => {
        event.preventDefault();
        if (personId && (await act(giveTeacher, { classId, personId, formerStays }))) onDone();
      }}
    >
      <select
        className="field !w-auto"
        aria-label={t('whoRuns')}
        value={personId}
        onChange={(event) => setPersonId(event.target.value)}
      >
        <option value="">{t('whoRuns')}</option>
        {teachers.map((one) => (
          <option key={one.personId} value={one.personId}>
            {one.name}
          </option>
        ))}
      </select>
      {former === null ? null : (
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={formerStays}
            onChange={(event) => setFormerStays(event.target.checked)}
          />
          {t('formerStays', { name: former })}
        </label>
      )}
      <button className="btn" disabled={busy || personId === ''}>
        {t('giveIt')}
      </button>
      <span role="alert" className="problem">
        {problem}
      </span>
    </form>
  );
}

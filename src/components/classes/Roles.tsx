'use client';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { changeLastDay } from '../../contract/people/changeLastDay';
import { changeRole } from '../../contract/people/changeRole';
import { handOverClass } from '../../contract/people/handOverClass';
import { removeMember } from '../../contract/people/removeMember';
import type { ClassRole } from '../../core/access/may';
import { ACCESS, ACTIONS, RELATIONS_NOW } from '../../core/access/table';
import { useDeed } from '../basics/useDeed';
import { useMadeWords } from '../basics/useMadeWords';

interface Named {
  readonly personId: string;
  readonly name: string;
  /** The last day of who is let in for a while, a local date. */
  readonly lastDay: string | null;
}

export interface RolesProps {
  readonly classId: string;
  readonly yourself: string;
  /** Whether whoever looks runs the class. */
  readonly runsIt: boolean;
  readonly students: readonly Named[];
  readonly people: Readonly<Record<Exclude<ClassRole, 'student'>, readonly Named[]>>;
}

/** Who is what in the class, and the access table itself in plain words. */
export function Roles({ classId, yourself, runsIt, students, people }: RolesProps) {
  const t = useMadeWords('roles');
  const { act, busy, problem } = useDeed();
  return (
    <main className="page" id="main">
      <h1 className="says">{t('heading')}</h1>
      <p className="under">{t('under')}</p>
      <section className="mt-6 grid gap-x-10 gap-y-6 sm:grid-cols-2 lg:grid-cols-5">
        {(['teacher', 'coTeacher', 'supplyTeacher', 'studentEditor', 'reader'] as const).map((role) => (
          <div key={role}>
            <h2 className="section-head">{t(`people.${role}`)}</h2>
            <ul>
              {people[role].map((one) => (
                <li
                  key={one.personId}
                  className="flex flex-wrap justify-between gap-x-3 border-b border-line py-2"
                >
                  <b>
                    <bdi>{one.name}</bdi>
                  </b>
                  {one.lastDay === null ? null : <LastDay classId={classId} {...one} lastDay={one.lastDay} />}
                  {role === 'coTeacher' && runsIt ? <HandOver classId={classId} {...one} /> : null}
                  {role === 'studentEditor' ? (
                    <button
                      type="button"
                      className="act"
                      disabled={busy}
                      aria-label={t('noEditorName', { name: one.name })}
                      onClick={() =>
                        void act(changeRole, { classId, personId: one.personId, role: 'student' })
                      }
                    >
                      {t('noEditor')}
                    </button>
                  ) : null}
                  {(role === 'coTeacher' || role === 'supplyTeacher' || role === 'reader') &&
                  one.personId !== yourself ? (
                    <button
                      type="button"
                      className="act"
                      disabled={busy}
                      aria-label={t('leavesName', { name: one.name })}
                      onClick={() => void act(removeMember, { classId, personId: one.personId })}
                    >
                      {t('leaves')}
                    </button>
                  ) : null}
                </li>
              ))}
              {people[role].length === 0 ? <li className="calm py-2">{t('nobody')}</li> : null}
            </ul>
            {role === 'studentEditor' && students.length > 0 ? (
              <select
                className="field mt-3"
                aria-label={t('makeEditor')}
                value=""
                disabled={busy}
                onChange={(event) =>
                  void act(changeRole, {
                    classId,
                    personId: event.target.value,
                    role: 'studentEditor',
                  })
                }
              >
                <option value="">{t('makeEditor')}</option>
                {students.map((one) => (
                  <option key={one.personId} value={one.personId}>
                    {one.name}
                  </option>
                ))}
              </select>
            ) : null}
          </div>
        ))}
      </section>
      <p role="alert" className="problem">
        {problem}
      </p>
      <h2 className="section-head mt-10">{t('table')}</h2>
      <div className="mt-3 overflow-x-auto" tabIndex={0} role="region" aria-label={t('table')}>
        <table className="posts-table">
          <thead>
            <tr>
              <th scope="col">{t('what')}</th>
              {RELATIONS_NOW.map((relation) => (
                <th key={relation} scope="col">
                  {t(`relations.${relation}`)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ACTIONS.map((action) => (
              <tr key={action}>
                <th scope="row" className="!font-semibold text-ink">
                  {t(`actions.${action.replace('.', '-')}`)}
                </th>
                {RELATIONS_NOW.map((relation, column) => {
                  const condition = ACCESS[action][column] ?? 'never';
                  return (
                    <td key={relation} className={condition === 'never' ? '' : 'text-ink'}>
                      {t(`conditions.${condition}`)}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </main>
  );
}

/** Until when somebody is let in, and another day for it. */
function LastDay({
  classId,
  personId,
  name,
  lastDay,
}: Named & { readonly classId: string; readonly lastDay: string }) {
  const t = useTranslations('roles');
  const { act, busy, problem } = useDeed();
  return (
    <label className="w-full text-ink-2">
      {t('lastDay')}
      <input
        type="date"
        className="field"
        aria-label={t('lastDayOf', { name })}
        value={lastDay}
        disabled={busy}
        onChange={(event) => {
          if (event.target.value) void act(changeLastDay, { classId, personId, lastDay: event.target.value });
        }}
      />
      <span role="alert" className="problem">
        {problem}
      </span>
    </label>
  );
}

/** Hands the class over to a co-teacher, once that was asked again. */
function HandOver({ classId, personId, name }: Named & { readonly classId: string }) {
  const t = useTranslations('roles');
  const { act, busy, problem } = useDeed();
  const [asking, setAsking] = useState(false);
  return asking ? (
    <p className="ask w-full">
      {t('handingOver', { name })}{' '}
      <button
        type="button"
        className="act"
        disabled={busy}
        onClick={() => void act(handOverClass, { classId, personId })}
      >
        {t('handOverSure', { name })}
      </button>{' '}
      <button type="button" className="act" data-leave="" onClick={() => setAsking(false)}>
        {t('leaveIt')}
      </button>{' '}
      <span role="alert" className="problem">
        {problem}
      </span>
    </p>
  ) : (
    <button
      type="button"
      className="act"
      aria-label={t('handOverTo', { name })}
      onClick={() => setAsking(true)}
    >
      {t('handOver')}
    </button>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import { restoreClass } from '../../contract/classes/restoreClass';
import type { ClassRole } from '../../core/access/may';
import { Mark } from '../basics/Mark';
import { useDeed } from '../basics/useDeed';
import { PlainLintel } from '../desk/PlainLintel';
import { useOwnSession } from '../basics/useOwnSession';
import { NewClassForm } from './NewClassForm';

export interface ClassesProps {
  readonly name: string;
  readonly classes: readonly {
    readonly id: string;
    readonly title: string;
    readonly groupName: string;
    readonly address: string;
    readonly role: ClassRole;
    readonly state: 'open' | 'settling' | 'resting';
  }[];
  /** Those that they ran and deleted, while they can be brought back. */
  readonly deleted: readonly {
    readonly id: string;
    readonly title: string;
    readonly groupName: string;
    readonly goneForGood: string;
  }[];
  readonly current: string | null;
  readonly mayMake: boolean;
  readonly isAdministrator: boolean;
  /** How many worries wait for them; null for who has nothing to do with any. */
  readonly worries: number | null;
  /** Whether they lead the school. */
  readonly isHead: boolean;
}

const MARKS = { open: 's-m', settling: 's-h', resting: 's-u' } as const;

/** All classes of a person in one list, and where a teacher makes another. */
export function Classes({
  name,
  classes,
  deleted,
  current,
  mayMake,
  isAdministrator,
  worries,
  isHead,
}: ClassesProps) {
  const t = useTranslations('classes');
  const { turnTo, signOut, problem } = useOwnSession();
  const { act, busy, problem: notBack } = useDeed();
  return (
    <>
      <PlainLintel home="/classes">
        <button
          type="button"
          className="rounded border border-[var(--on-porch-2)] px-3 py-1.5 font-semibold text-white"
          onClick={() => void signOut()}
        >
          {t('signOut')}
        </button>
      </PlainLintel>
      <main className="page" id="main">
        <h1 className="says">
          {classes.length > 0
            ? t('heading', { count: classes.length })
            : t(mayMake ? 'makeFirst' : 'inNone', { name })}
        </h1>
        <p className="under">
          {t(classes.length > 0 ? 'under' : mayMake ? 'makeFirstUnder' : 'inNoneUnder')}
        </p>
        <ul className="rows mt-6">
          {classes.map((one) => (
            <li key={one.id} className="sm:grid-cols-[24px_1fr_160px_200px_auto]">
              <Mark id={MARKS[one.state]} className="s" />
              <b>{[one.title, one.groupName].filter(Boolean).join(', ')}</b>
              <span className="calm">{t(`role.${one.role}`)}</span>
              <span className="calm">{t(`state.${one.state}`)}</span>
              <button
                type="button"
                className="btn"
                aria-label={t(one.id === current ? 'goToAgain' : 'goTo', { title: one.title })}
                onClick={() => void turnTo(one.id, one.role === 'reader' ? `/blog/${one.address}` : '/today')}
              >
                {t(one.id === current ? 'here' : 'go')}
              </button>
            </li>
          ))}
        </ul>
        {deleted.length > 0 ? (
          <section className="mt-8">
            <h2 className="section-head">{t('deleted', { count: deleted.length })}</h2>
            <ul className="rows">
              {deleted.map((one) => (
                <li key={one.id} className="sm:grid-cols-[1fr_auto]">
                  <span>
                    <b>{[one.title, one.groupName].filter(Boolean).join(', ')}</b>{' '}
                    <span className="calm">{t('goneForGood', { day: one.goneForGood })}</span>
                  </span>
                  <button
                    type="button"
                    className="act"
                    disabled={busy}
                    onClick={() => void act(restoreClass, { classId: one.id })}
                  >
                    {t('bringBack', { title: one.title })}
                  </button>
                </li>
              ))}
            </ul>
          </section>
        ) : null}
        <p role="alert" className="problem">
          {problem || notBack}
        </p>
        {worries === null ? null : (
          <p className="mt-8">
            <Link className="act" href="/worries">
              {t('worries', { count: worries })}
            </Link>
          </p>
        )}
        {isHead ? (
          <p className="mt-8">
            <Link className="act" href="/school">
              {t('school')}
            </Link>
          </p>
        ) : null}
        {isAdministrator ? (
          <p className="mt-8">
            <Link className="btn" href="/administration">
              {t('administration')}
            </Link>
          </p>
        ) : null}
        {mayMake ? (
          <NewClassForm onMade={(classId) => void turnTo(classId, addressesOf(classId).settings)} />
        ) : null}
      </main>
    </>
  );
}

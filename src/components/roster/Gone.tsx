'use client';

import { useTranslations } from 'next-intl';
import { restorePerson } from '../../contract/people/restorePerson';
import { takeInAgain } from '../../contract/people/takeInAgain';
import { useDeed } from '../basics/useDeed';
import type { RosterStudent } from './rosterProps';

interface GoneProps {
  readonly classId: string;
  readonly gone: readonly RosterStudent[];
}

/** Who has left the class or was deleted. What they wrote is still there, and they can be taken in again or brought back. */
export function Gone({ classId, gone }: GoneProps) {
  const t = useTranslations('roster.gone');
  const { act, busy, problem } = useDeed();
  return (
    <section className="mt-8">
      <h2 className="section-head">
        {t('title', { count: gone.length })} <small>{t('theirWriting')}</small>
      </h2>
      <ul className="rows">
        {gone.map((one) => (
          <li key={one.personId} className="grid-cols-[1fr_auto]">
            <span>
              <b>{one.name}</b>{' '}
              <span className="calm">
                {one.goneForGood
                  ? t('deleted', { day: one.goneForGood })
                  : t('since', { day: one.left ?? '', posts: one.posts })}
              </span>
            </span>
            <button
              type="button"
              className="act"
              disabled={busy}
              aria-label={t(one.goneForGood ? 'backName' : 'againName', { name: one.name })}
              onClick={() =>
                void (one.goneForGood
                  ? act(restorePerson, { classId, personId: one.personId })
                  : act(takeInAgain, { classId, personIds: [one.personId] }))
              }
            >
              {t(one.goneForGood ? 'back' : 'again')}
            </button>
          </li>
        ))}
      </ul>
      <p className="problem" role="alert">
        {problem}
      </p>
    </section>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import type { RosterStudent } from './rosterProps';
import { useDeed } from '../basics/useDeed';

interface GoneProps {
  readonly classId: string;
  readonly gone: readonly RosterStudent[];
}

/** Who has left the class. What they wrote is still there, and they can be taken in again. */
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
              <span className="calm">{t('since', { day: one.left ?? '', posts: one.posts })}</span>
            </span>
            <button
              type="button"
              className="act"
              disabled={busy}
              aria-label={t('againName', { name: one.name })}
              onClick={() => void act('takeInAgain', { classId, personIds: [one.personId] })}
            >
              {t('again')}
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

'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { withdrawConsent } from '../../contract/consents/withdrawConsent';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import { NewConsent } from './NewConsent';
import type { RosterStudent } from './rosterProps';

interface ConsentsProps {
  readonly classId: string;
  readonly person: RosterStudent;
  /** The present day, to begin with. */
  readonly today: string;
}

/** The consents of a student: written down, taken back, and what taking one back drew into the class again. */
export function Consents({ classId, person, today }: ConsentsProps) {
  const t = useTranslations('roster.consent');
  const router = useRouter();
  const [drawnBack, setDrawnBack] = useState<readonly { postId: string; title: string }[] | null>(null);
  const { busy, problem, wait } = useAsking();
  const withdraw = async (consentId: string) => {
    const input = { classId, personId: person.personId, consentId };
    const outcome = await wait(call(withdrawConsent, input));
    if (outcome.ok) setDrawnBack(outcome.value.drawnBack);
    router.refresh();
  };
  return (
    <section className="mt-8">
      <h3 className="section-head">{t('heading')}</h3>
      <p className="under mt-2">{t('whatFor')}</p>
      <ul>
        {person.consents.map((one) => (
          <li key={one.id} className="grid grid-cols-[1fr_auto] gap-3 border-b border-line py-2.5">
            <span>
              {t('record', { by: one.givenBy, relation: one.relation, on: one.givenOn })}
              <span className="calm block">
                {one.purposes.map((purpose) => t(`purposes.${purpose}`)).join(', ')};{' '}
                {one.until ? t('until', { day: one.until }) : t('noEnd')};{' '}
                {t(`state.${one.holds ? 'holds' : one.withdrawn ? 'withdrawn' : 'over'}`)}
              </span>
            </span>
            {one.withdrawn ? null : (
              <button
                type="button"
                className="act self-start"
                disabled={busy}
                aria-label={t('withdrawOf', { by: one.givenBy })}
                onClick={() => void withdraw(one.id)}
              >
                {t('withdraw')}
              </button>
            )}
          </li>
        ))}
      </ul>
      {drawnBack ? (
        <div role="status" className="mt-3 border-l-4 border-porch bg-porch-tint p-4">
          <p>{t('drawnBack', { count: drawnBack.length })}</p>
          <ul>
            {drawnBack.map((post) => (
              <li key={post.postId}>{post.title}</li>
            ))}
          </ul>
        </div>
      ) : null}
      <p role="alert" className="problem">
        {problem}
      </p>
      <details className="mt-4">
        <summary className="font-semibold text-porch">{t('add')}</summary>
        <NewConsent classId={classId} personIds={[person.personId]} today={today} />
      </details>
    </section>
  );
}

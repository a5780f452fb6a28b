'use client';

import { useTranslations } from 'next-intl';
import { decideJoining } from '../../contract/people/decideJoining';
import { withdrawJoining } from '../../contract/people/withdrawJoining';
import { useDeed } from '../basics/useDeed';
import type { JoinRequest, RosterProps } from './rosterProps';

/** Students whom another class would like to take in too, to be granted; and those whom this class has asked for. */
export function JoinRequests({ classId, requests }: Pick<RosterProps, 'classId' | 'requests'>) {
  const t = useTranslations('roster.joining');
  const { act, busy, problem } = useDeed();
  const { toUs, ofUs } = requests;
  if (toUs.length + ofUs.length === 0) return null;
  return (
    <>
      {toUs.length > 0 ? (
        <section className="mt-6 border-l-4 border-clay bg-board p-4">
          <h2 className="section-head">{t('toUs', { count: toUs.length })}</h2>
          <Decisions
            requests={toUs}
            busy={busy}
            onDecide={(decision) => void act(decideJoining, { classId, ...decision })}
          />
        </section>
      ) : null}
      {ofUs.length > 0 ? (
        <section className="mt-6">
          <h2 className="section-head">{t('ofUs', { count: ofUs.length })}</h2>
          <ul className="rows">
            {ofUs.map((one) => (
              <li key={one.personId} className="grid-cols-[1fr_auto]">
                <span>
                  <b>{one.name}</b>{' '}
                  <span className="calm">
                    {one.declined
                      ? t('declined', { home: one.home ?? 'none' })
                      : t('waits', { home: one.home ?? 'none', when: one.when })}
                  </span>
                </span>
                <button
                  type="button"
                  className="act"
                  disabled={busy}
                  aria-label={t('withdrawName', { name: one.name })}
                  onClick={() => void act(withdrawJoining, { classId, personId: one.personId })}
                >
                  {t('withdraw')}
                </button>
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      <p className="problem" role="alert">
        {problem}
      </p>
    </>
  );
}

interface DecisionsProps {
  readonly requests: readonly JoinRequest[];
  readonly busy: boolean;
  readonly onDecide: (decision: {
    readonly askingClassId: string;
    readonly personId: string;
    readonly grant: boolean;
  }) => void;
}

/** Requests with what each means, and the two answers. */
export function Decisions({ requests, busy, onDecide }: DecisionsProps) {
  const t = useTranslations('roster.joining');
  return (
    <ul className="rows">
      {requests.map(({ askingClassId, personId, name, asking, teacher, when }) => (
        <li key={`${askingClassId} ${personId}`} className="sm:grid-cols-[1fr_auto]">
          <span>
            {t('wants', { teacher, name, class: asking, when })}
            <span className="calm block">{t('whatItMeans', { name })}</span>
          </span>
          <span className="flex items-center gap-4">
            <button
              type="button"
              className="btn"
              disabled={busy}
              aria-label={t('grantName', { name, class: asking })}
              onClick={() => onDecide({ askingClassId, personId, grant: true })}
            >
              {t('grant')}
            </button>
            <button
              type="button"
              className="act"
              disabled={busy}
              aria-label={t('declineName', { name })}
              onClick={() => onDecide({ askingClassId, personId, grant: false })}
            >
              {t('decline')}
            </button>
          </span>
        </li>
      ))}
    </ul>
  );
}

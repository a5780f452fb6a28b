'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { deleteAssignment } from '../../contract/assignments/deleteAssignment';
import {
  previewAssignmentDeletion,
  type AssignmentHoldings,
} from '../../contract/assignments/previewAssignmentDeletion';
import { putAwayAssignment } from '../../contract/assignments/putAwayAssignment';
import { unsetAssignment } from '../../contract/assignments/unsetAssignment';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import { useAddresses } from '../desk/useAddresses';
import type { BuilderProps } from './builderProps';

/** How an assignment ends: taken from the students' sight again, put out of the way, or deleted with all that goes along. */
export function AssignmentEnd({ assignmentId, isSet, putAway, begun, erases, series }: BuilderProps) {
  const t = useTranslations('builder.end');
  const addresses = useAddresses();
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  const [holdings, setHoldings] = useState<AssignmentHoldings | null>(null);
  if (series) return null;
  const done = async (answer: ReturnType<typeof call>) => {
    if ((await wait(answer)).ok) router.refresh();
  };
  const look = async () => {
    const outcome = await wait(call(previewAssignmentDeletion, { assignmentId }));
    setHoldings(outcome.ok ? outcome.value : null);
  };
  const doIt = async (posts: number) => {
    const { ok } = await wait(call(deleteAssignment, { assignmentId, posts }), { leaves: true });
    if (ok) window.location.assign(addresses.assignments);
    else setHoldings(null);
  };
  return (
    <section className="mt-6 grid gap-2">
      <h2 className="section-head">{t('heading')}</h2>
      {putAway ? <p>{t('isAway')}</p> : null}
      <span className="flex flex-wrap gap-x-5 gap-y-2">
        {isSet && begun === 0 ? (
          <button
            type="button"
            className="act"
            disabled={busy}
            onClick={() => void done(call(unsetAssignment, { assignmentId }))}
          >
            {t('unset')}
          </button>
        ) : null}
        {isSet || putAway ? (
          <button
            type="button"
            className="act"
            disabled={busy}
            onClick={() => void done(call(putAwayAssignment, { assignmentId, away: !putAway }))}
          >
            {t(putAway ? 'takeOut' : 'putAway')}
          </button>
        ) : null}
        {holdings || !erases ? null : (
          <button type="button" className="act" disabled={busy} onClick={() => void look()}>
            {t('delete')}
          </button>
        )}
      </span>
      {holdings ? null : <p className="text-[14px] text-ink-2">{t('means', { begun })}</p>}
      {holdings ? (
        <div className="grid gap-3 border-l-4 border-clay pl-3">
          <p>{holdings.posts === 0 ? t('nothingGoes') : t('goes', { ...holdings })}</p>
          <p className="text-ink-2">{t('month')}</p>
          <span className="flex flex-wrap gap-4">
            <button type="button" className="btn" disabled={busy} onClick={() => void doIt(holdings.posts)}>
              {t('deleteIt')}
            </button>
            <button type="button" className="act" data-leave="" onClick={() => setHoldings(null)}>
              {t('leave')}
            </button>
          </span>
        </div>
      ) : null}
      <p className="problem" role="alert">
        {problem}
      </p>
    </section>
  );
}

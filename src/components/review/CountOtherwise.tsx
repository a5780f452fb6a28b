'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { overruleRequirement } from '../../contract/reviews/overruleRequirement';
import type { RequirementAnswer } from '../../core/requirements/answer';
import type { Overruling } from '../../core/requirements/overrule';
import type { ReviewRailingProps } from './reviewProps';

interface CountOtherwiseProps extends Pick<ReviewRailingProps, 'act' | 'busy' | 'problem' | 'second'> {
  readonly answer: RequirementAnswer;
  /** What it is called. */
  readonly name: string;
  /** Null while it counts as the machine found. */
  readonly said: Overruling | null;
}

/** Counts a requirement otherwise than the machine found, with a reason that its writer reads with the grade. */
export function CountOtherwise({
  answer,
  name,
  said,
  act,
  busy,
  problem,
  second: twice,
}: CountOtherwiseProps) {
  const t = useTranslations('review.count');
  const id = useId();
  const [reason, setReason] = useState<string | null>(null);
  const met = answer.state !== 'met';
  const count = async (as: boolean | null, why: string) => {
    const second = twice?.mine ?? false;
    if (await act(overruleRequirement, { requirementId: answer.id, met: as, reason: why, second }))
      setReason(null);
  };
  if (said)
    return (
      <span className="block">
        {t(said.met ? 'asMet' : 'asNotMet', { reason: said.reason })}{' '}
        <button type="button" className="act" disabled={busy} onClick={() => void count(null, '')}>
          {t('back')} <span className="sr-only">{name}</span>
        </button>
      </span>
    );
  if (reason === null)
    return (
      <button type="button" className="act mt-1" onClick={() => setReason('')}>
        {t(met ? 'met' : 'notMet')} <span className="sr-only">{name}</span>
      </button>
    );
  return (
    <form
      className="mt-1 grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void count(met, reason);
      }}
    >
      <label className="grid gap-1" htmlFor={id}>
        <span className="text-[13px]">{t('why')}</span>
        <input
          id={id}
          dir="auto"
          autoFocus
          className="field"
          maxLength={300}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
      </label>
      <span role="alert" className="problem">
        {problem}
      </span>
      <span className="flex gap-2">
        <button className="btn go" disabled={busy || !reason.trim()}>
          {t(met ? 'met' : 'notMet')}
        </button>
        <button type="button" className="btn" data-leave="" onClick={() => setReason(null)}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { goesBeyondClass } from '../../core/access/audience';
import { DetailsGoingOut } from './DetailsGoingOut';
import { openDetails } from './openDetails';
import type { ReviewRailingProps } from './reviewProps';

interface AcceptAtFormProps extends Pick<
  ReviewRailingProps,
  'decide' | 'busy' | 'problem' | 'details' | 'readers'
> {
  readonly onLeave: () => void;
}

/** Accepts a post now and says when its readers may read it. */
export function AcceptAtForm({ decide, busy, problem, details, readers, onLeave }: AcceptAtFormProps) {
  const t = useTranslations('review.acceptAt');
  const id = useId();
  const [opensAt, setOpensAt] = useState('');
  /** Whether it was asked if what strangers should not know may go out. */
  const [asks, setAsks] = useState(false);
  const goingOut = goesBeyondClass(readers.wished) ? openDetails(details) : [];
  const letGo = async () => {
    const keys = goingOut.map(({ key }) => key);
    if (await decide({ decision: 'accept', details: keys, opensAt })) onLeave();
  };
  if (asks && goingOut.length > 0)
    return (
      <DetailsGoingOut
        details={goingOut}
        busy={busy}
        onGo={() => void letGo()}
        onLeave={() => setAsks(false)}
      />
    );
  return (
    <form
      className="mt-2 grid gap-3"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault();
        if (goingOut.length > 0) setAsks(true);
        else await letGo();
      }}
    >
      <p>{t('means', { audience: readers.wished })}</p>
      <label className="grid gap-1" htmlFor={id}>
        {t('at')}
        <input
          id={id}
          type="datetime-local"
          className="field"
          value={opensAt}
          onChange={({ target }) => setOpensAt(target.value)}
        />
      </label>
      <p role="alert" className="problem">
        {problem}
      </p>
      <span className="flex flex-wrap gap-3">
        <button className="btn go" disabled={busy || opensAt === ''}>
          {t('accept')}
        </button>
        <button type="button" className="btn" data-leave="" onClick={onLeave}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}

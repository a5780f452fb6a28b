'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { lookAtName, NAME_REASONS } from '../../contract/reviews/lookAtName';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';

/** Says that a number stands for the name, and lets a teacher look at it all the same, with a reason that is kept. */
export function HiddenName({ postId }: { readonly postId: string }) {
  const t = useTranslations('review.name');
  const router = useRouter();
  const id = useId();
  const { busy, problem, wait } = useAsking();
  const [asks, setAsks] = useState(false);
  const [reason, setReason] = useState<(typeof NAME_REASONS)[number]>('worry');
  if (!asks)
    return (
      <p className="mt-3 text-ink-2">
        {t('hidden')}{' '}
        <button type="button" className="act" onClick={() => setAsks(true)}>
          {t('look')}
        </button>
      </p>
    );
  return (
    <form
      className="mt-3 grid gap-2"
      onSubmit={async (event) => {
        event.preventDefault();
        if ((await wait(call(lookAtName, { postId, reason }))).ok) router.refresh();
      }}
    >
      <fieldset className="grid gap-1">
        <legend className="font-semibold">{t('why')}</legend>
        {NAME_REASONS.map((one, index) => (
          <label key={one} className="flex gap-2">
            <input
              type="radio"
              name={id}
              autoFocus={index === 0}
              checked={reason === one}
              onChange={() => setReason(one)}
            />
            {t(`reason.${one}`)}
          </label>
        ))}
      </fieldset>
      <p className="text-ink-2">{t('told')}</p>
      <span role="alert" className="problem">
        {problem}
      </span>
      <span className="flex flex-wrap gap-2">
        <button className="btn" disabled={busy}>
          {t('go')}
        </button>
        <button type="button" className="btn" data-leave="" onClick={() => setAsks(false)}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}

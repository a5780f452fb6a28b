'use client';

import { useTranslations } from 'next-intl';
import type { AtReview } from '../../contract/reviews/atReview';
import type { Outcome } from '../basics/call';
import { useAsking } from '../basics/useAsking';

interface WhoReadsProps extends Pick<AtReview, 'openWith' | 'takenBy'> {
  readonly take: (taken: boolean) => Promise<Outcome<unknown>>;
}

/** Which other teachers are at the post, and whether one of them reads it for all. */
export function WhoReads({ openWith, takenBy, take }: WhoReadsProps) {
  const t = useTranslations('review.who');
  const { busy, problem, wait } = useAsking();
  return (
    <div className="who-reads">
      <p role="status">
        {takenBy && !takenBy.mine
          ? t('taken', { name: takenBy.name })
          : openWith.length > 0
            ? t('open', { names: openWith.join(', '), count: openWith.length })
            : null}
      </p>
      {takenBy && !takenBy.mine ? null : (
        <button type="button" className="act" disabled={busy} onClick={() => void wait(take(!takenBy))}>
          {t(takenBy ? 'leave' : 'take')}
        </button>
      )}
      {takenBy?.mine ? <p>{t('mine')}</p> : null}
      <p role="alert" className="problem">
        {problem}
      </p>
    </div>
  );
}

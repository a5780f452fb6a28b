'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import type { ReviewProps } from './reviewProps';
import type { Turn } from './useReading';

interface ReviewTurnsProps extends Pick<ReviewProps, 'changed' | 'earlier' | 'postId'> {
  readonly turn: Turn;
  readonly onTurn: (turn: Turn) => void;
  /** How many notes there are, and how many of them lost their place. */
  readonly notes: number;
  readonly lost: number;
}

/** How the text is shown, and what it is compared with. */
export function ReviewTurns({ turn, onTurn, notes, lost, changed, earlier, postId }: ReviewTurnsProps) {
  const t = useTranslations('review');
  const router = useRouter();
  const turns: readonly Turn[] = earlier.length > 0 ? ['changed', 'readers', 'notes'] : ['readers', 'notes'];
  return (
    <>
      <div className="turns" role="group" aria-label={t('turns.label')}>
        {turns.map((one) => (
          <button key={one} type="button" aria-pressed={turn === one} onClick={() => onTurn(one)}>
            {t(`turns.${one}`, { count: notes, lost })}
          </button>
        ))}
      </div>
      {earlier.length > 0 && turn === 'changed' ? (
        <p className="since">
          {changed
            ? t(changed.readAt ? 'changed.sinceRead' : 'changed.sinceHandIn', {
                when: changed.readAt ?? changed.handedIn,
                ...changed.changes.words,
              })
            : t('changed.tooMuch')}
        </p>
      ) : null}
      {earlier.length > 1 && turn === 'changed' ? (
        <label className="since">
          {t('changed.other')}{' '}
          <select
            className="field !w-auto !py-1"
            value={changed?.ordinal ?? ''}
            onChange={(event) => router.push(`/pile/${postId}?since=${event.target.value}`)}
          >
            {earlier.map((one) => (
              <option key={one.ordinal} value={one.ordinal}>
                {one.handedIn}
              </option>
            ))}
          </select>
        </label>
      ) : null}
    </>
  );
}

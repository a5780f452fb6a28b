'use client';

import { useTranslations } from 'next-intl';
import type { Criterion } from '../../core/assignments/rubric';

interface CriterionBayProps {
  readonly criterion: Criterion;
  readonly chosen: number | null;
  readonly disabled: boolean;
  /** The first one that waits to be judged: its levels say what they look like. */
  readonly next: boolean;
  readonly onChoose: (level: number | null) => void;
  /** Begins a note on it. */
  readonly onNote: () => void;
}

/** A criterion whose slats are its levels: pressed, or chosen by a digit while the bay has the focus. */
export function CriterionBay({ criterion, chosen, disabled, next, onChoose, onNote }: CriterionBayProps) {
  const t = useTranslations('review.criterion');
  const level = chosen === null ? null : criterion.levels[chosen];
  const name = t('bay', {
    name: criterion.name,
    level: chosen === null ? t('notJudged') : t('chosen', { level: chosen + 1, of: criterion.levels.length }),
  });
  return (
    <div
      className={next ? 'bay next' : 'bay'}
      data-bay=""
      role="group"
      tabIndex={0}
      aria-label={name}
      onKeyDown={(event) => {
        const digit = Number(event.key);
        if (
          event.ctrlKey ||
          event.metaKey ||
          event.altKey ||
          !(digit >= 1 && digit <= criterion.levels.length)
        )
          return;
        event.preventDefault();
        if (!disabled) onChoose(digit - 1);
      }}
    >
      <div className="levels">
        {criterion.levels.map((one, index) => (
          <button
            key={index}
            type="button"
            className={`lv ${chosen !== null && index <= chosen ? 'in' : ''} ${next ? '' : 'slim'}`}
            aria-pressed={chosen === index}
            title={one.description}
            disabled={disabled}
            tabIndex={-1}
            onClick={() => onChoose(chosen === index ? null : index)}
          >
            <span>
              <b>{index + 1}</b>{' '}
              <span className={next && criterion.levels.length <= 5 ? '' : 'sr-only max-[760px]:not-sr-only'}>
                {one.description}
              </span>
              <span className="sr-only"> {t('points', { points: one.points })}</span>
            </span>
          </button>
        ))}
      </div>
      <b>{criterion.name}</b>
      <small>
        {level && chosen !== null ? (
          t('is', { level: chosen + 1, of: criterion.levels.length, description: level.description })
        ) : (
          <>
            <em className="wanting">{t('notJudged')}.</em> {t('how', { last: criterion.levels.length })}
          </>
        )}{' '}
        <button
          type="button"
          className="act note-on"
          aria-label={t('noteOn', { name: criterion.name })}
          onClick={onNote}
        >
          {t('note')}
        </button>
      </small>
    </div>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import type { LateRule } from '../../core/grading/gradeInput';
import { CheckFill, NumberFill } from './forms/fields';

interface LateRuleSentenceProps {
  readonly rule: LateRule;
  readonly onChange: (rule: LateRule) => void;
}

/** What a late hand-in costs, as a sentence. */
export function LateRuleSentence({ rule, onChange }: LateRuleSentenceProps) {
  const t = useTranslations('builder.late');
  const set = (part: Partial<LateRule>) => onChange({ ...rule, ...part });
  return (
    <section className="mt-6">
      <h2 className="section-head">{t('title')}</h2>
      <div className="mt-2 leading-[2.1]">
        <select
          className="fill"
          aria-label={t('kind')}
          value={rule.kind}
          onChange={(event) =>
            set({ kind: event.target.value as LateRule['kind'], perDay: rule.perDay ?? 1 })
          }
        >
          <option value="none">{t('none')}</option>
          <option value="points">{t('points')}</option>
          <option value="percent">{t('percent')}</option>
        </select>
        {rule.kind === 'none' ? null : (
          <>
            <br />
            {t('after')}{' '}
            <NumberFill
              label={t('graceLabel')}
              value={rule.graceMinutes ?? undefined}
              onChange={(minutes) => set({ graceMinutes: minutes ?? 0 })}
            />{' '}
            {t('minutesOfGrace')}{' '}
            <NumberFill
              label={t('perDayLabel')}
              decimals
              value={rule.perDay}
              onChange={(perDay) => set({ perDay: perDay ?? 0 })}
            />{' '}
            {t(rule.kind === 'points' ? 'pointsADay' : 'percentADay')}, {t('neverBelow')}{' '}
            <NumberFill
              label={t('floorLabel')}
              value={rule.floorPercent ?? undefined}
              onChange={(floor) => set({ floorPercent: floor === undefined ? null : Math.min(100, floor) })}
            />{' '}
            {t('percentOfPossible')}. {t('lastDays')}{' '}
            <NumberFill
              label={t('lastDaysLabel')}
              value={rule.lastDays ?? undefined}
              onChange={(days) => set({ lastDays: days ?? null })}
            />{' '}
            {t('daysWord')}.{' '}
            <CheckFill
              checked={rule.schoolDaysOnly === true}
              onChange={(schoolDaysOnly) => set({ schoolDaysOnly })}
            >
              {t('schoolDaysOnly')}
            </CheckFill>
          </>
        )}
      </div>
    </section>
  );
}

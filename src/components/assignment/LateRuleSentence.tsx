'use client';

import { useTranslations } from 'next-intl';
import type { LateRule } from '../../core/grading/gradeInput';
import { lateDays, type LateDay } from '../../core/grading/lateDays';
import { CheckFill, NumberFill } from './forms/fields';

interface LateRuleSentenceProps {
  readonly rule: LateRule;
  /** What the assignment is worth. */
  readonly points: number;
  readonly onChange: (rule: LateRule) => void;
}

/** What a late hand-in costs, as a sentence. */
export function LateRuleSentence({ rule, points, onChange }: LateRuleSentenceProps) {
  const t = useTranslations('builder.late');
  const set = (part: Partial<LateRule>) => onChange({ ...rule, ...part });
  return (
    <section className="mt-6">
      <h2 className="section-head">{t('title')}</h2>
      <div className="late-said mt-2 leading-[2]">
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
            {t.rich(`sentence.${rule.kind}`, {
              grace: () => (
                <NumberFill
                  label={t('graceLabel')}
                  value={rule.graceMinutes ?? undefined}
                  onChange={(minutes) => set({ graceMinutes: minutes ?? 0 })}
                />
              ),
              day: () => (
                <NumberFill
                  label={t('perDayLabel')}
                  decimals
                  value={rule.perDay}
                  onChange={(perDay) => set({ perDay: perDay ?? 0 })}
                />
              ),
              floor: () => (
                <NumberFill
                  label={t('floorLabel')}
                  value={rule.floorPercent ?? undefined}
                  onChange={(floor) =>
                    set({ floorPercent: floor === undefined ? null : Math.min(100, floor) })
                  }
                />
              ),
              last: () => (
                <NumberFill
                  label={t('lastDaysLabel')}
                  value={rule.lastDays ?? undefined}
                  onChange={(days) => set({ lastDays: days ?? null })}
                />
              ),
            })}{' '}
            <CheckFill
              checked={rule.schoolDaysOnly === true}
              onChange={(schoolDaysOnly) => set({ schoolDaysOnly })}
            >
              {t('schoolDaysOnly')}
            </CheckFill>
          </>
        )}
      </div>
      <DayByDay days={lateDays(rule, points)} />
    </section>
  );
}

/** What a faultless post is worth day by day, with the day from which it is worth nothing. */
function DayByDay({ days }: { readonly days: readonly LateDay[] }) {
  const t = useTranslations('builder.late');
  if (days.length === 0) return null;
  const cliff = days.find((day) => day.worthNothing);
  return (
    <div className="mt-3">
      <p className="text-[14px] text-ink-2">{t('fullMarks')}</p>
      <ol className="late-days">
        {days.map((day) => (
          <li key={day.days} className={day.worthNothing ? 'cliff' : ''}>
            <span>{t('dayLate', { days: day.days })}</span>
            <b>{t('left', { points: day.grade })}</b>
          </li>
        ))}
      </ol>
      {cliff ? <p className="text-[14px] text-clay">{t('cliff', { days: cliff.days })}</p> : null}
    </div>
  );
}

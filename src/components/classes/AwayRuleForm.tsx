'use client';

import { useTranslations } from 'next-intl';
import { changeAwayRule } from '../../contract/classes/changeAwayRule';
import type { AwayRule } from '../../core/classes/absences';
import { useDeed } from '../basics/useDeed';

/** So many days of school after somebody is back can be chosen. */
const DAYS = [1, 2, 3, 4, 5, 7, 10];

/** What becomes of dates on which a student is away; it is kept as soon as it is chosen. */
export function AwayRuleForm({ classId, away }: { readonly classId: string; readonly away: AwayRule }) {
  const t = useTranslations('classSettings.away');
  const { act, busy, problem } = useDeed();
  const change = (part: Partial<AwayRule>) => void act(changeAwayRule, { classId, ...away, ...part });
  return (
    <fieldset className="grid gap-3" disabled={busy}>
      <legend className="contents">
        <h2 className="section-head">{t('name')}</h2>
      </legend>
      <p className="text-[14.5px] text-ink-2">{t('means')}</p>
      {(['move', 'excuse'] as const).map((dates) => (
        <div key={dates} className="flex flex-wrap items-center gap-x-3 gap-y-2">
          <label className="flex items-start gap-3">
            <input
              type="radio"
              name="away-dates"
              className="mt-1 accent-[var(--porch)]"
              checked={away.dates === dates}
              onChange={() => change({ dates })}
            />
            {t(dates)}
          </label>
          {dates === 'move' && away.dates === 'move' ? (
            <select
              className="field !w-auto"
              aria-label={t('back')}
              value={away.days}
              onChange={({ target }) => change({ days: Number(target.value) })}
            >
              {[...new Set([...DAYS, away.days])]
                .toSorted((one, another) => one - another)
                .map((days) => (
                  <option key={days} value={days}>
                    {t('days', { days })}
                  </option>
                ))}
            </select>
          ) : null}
        </div>
      ))}
      <p className="problem" role="alert">
        {problem}
      </p>
    </fieldset>
  );
}

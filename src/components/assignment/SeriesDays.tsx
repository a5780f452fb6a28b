'use client';

import { useLocale, useTranslations } from 'next-intl';
import type { SeriesDate, SeriesDates } from '../../core/assignments/series';
import { dateInWords } from '../../core/timing/inWords';

interface SeriesDaysProps {
  readonly found: SeriesDates;
  readonly titleOn: (date: SeriesDate) => string;
  readonly onLeaveOut: (date: string) => void;
  readonly onTakeIn: (date: string) => void;
}

/** The days that a rule makes, each to be left out with one press, and those that are passed over, with why. */
export function SeriesDays({ found, titleOn, onLeaveOut, onTakeIn }: SeriesDaysProps) {
  const t = useTranslations('builder.series');
  const locale = useLocale();
  const all = [
    ...found.dates.map((one) => ({ ...one, kind: 'made' as const })),
    ...found.passedOver.map((one) => ({ ...one, kind: 'passedOver' as const })),
  ].sort((one, other) => one.date.localeCompare(other.date));
  const said = (date: string) => dateInWords(Date.parse(`${date}T12:00:00Z`), 'UTC', locale);
  return (
    <section aria-label={t('days')}>
      <h4 className="font-semibold">{t('made', { count: found.dates.length })}</h4>
      <ol className="mt-1 grid max-h-60 gap-1 overflow-auto text-[14px]" tabIndex={0}>
        {all.map((one) => (
          <li key={one.date}>
            {one.kind === 'passedOver' && one.off !== null ? (
              <span className="text-ink-2">
                {said(one.date)}: {one.off || t('noSchool')}
              </span>
            ) : (
              <label className="flex items-start gap-2">
                <input
                  type="checkbox"
                  className="mt-0.5 h-[17px] w-[17px] flex-none accent-[var(--porch)]"
                  checked={one.kind === 'made'}
                  onChange={() => (one.kind === 'made' ? onLeaveOut(one.date) : onTakeIn(one.date))}
                />
                <span>
                  {said(one.date)} ·{' '}
                  <span className="text-ink-2">{one.kind === 'made' ? titleOn(one) : t('leftOut')}</span>
                </span>
              </label>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';

interface WeekdaysProps {
  readonly legend: ReactNode;
  /** 1 for Monday to 7 for Sunday. */
  readonly days: readonly number[];
  readonly onChange: (days: readonly number[]) => void;
}

const WEEK = [1, 2, 3, 4, 5, 6, 7] as const;

/** Days of the week to choose some of. */
export function Weekdays({ legend, days, onChange }: WeekdaysProps) {
  const t = useTranslations('weekdays');
  return (
    <fieldset>
      <legend>{legend}</legend>
      <span className="flex flex-wrap gap-x-4 gap-y-1">
        {WEEK.map((day) => (
          <label key={day} className="flex items-center gap-1.5">
            <input
              type="checkbox"
              checked={days.includes(day)}
              onChange={(event) =>
                onChange(WEEK.filter((one) => (one === day ? event.target.checked : days.includes(one))))
              }
            />
            {t(`${day}`)}
          </label>
        ))}
      </span>
    </fieldset>
  );
}

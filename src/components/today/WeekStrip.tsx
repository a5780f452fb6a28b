import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';

export interface DayShown {
  readonly date: string;
  readonly weekday: string;
  readonly day: number;
  readonly today: boolean;
  /** Why there is no school, empty where it has no name; null where there is. */
  readonly off: string | null;
  readonly events: readonly { readonly key: string; readonly content: ReactNode }[];
}

/** The week around today, with what is due on each day. */
export function WeekStrip({ days }: { readonly days: readonly DayShown[] }) {
  const t = useTranslations('today');
  return (
    <ol className="week" aria-label={t('week')}>
      {days.map((day) => (
        <li
          key={day.date}
          className={`${day.today ? 'now' : ''} ${day.events.length || day.off !== null ? '' : 'empty'}`}
        >
          <span className="day">
            <b>{day.weekday}</b> {day.today ? t('dayToday', { day: day.day }) : day.day}
          </span>
          {day.off === null ? null : <span className="off">{day.off || t('noSchool')}</span>}
          <div className="grid gap-2">
            {day.events.map((event) => (
              <div key={event.key}>{event.content}</div>
            ))}
          </div>
        </li>
      ))}
    </ol>
  );
}

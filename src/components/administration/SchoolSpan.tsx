'use client';

import { useTranslations } from 'next-intl';
import { changeSchoolSpan } from '../../contract/administration/changeSchoolSpan';
import { PRESSED_HOURS, type PressedHours } from '../../core/classes/deskRules';
import { useDeed } from '../basics/useDeed';

/** How long at most a press without a line counts in any class; it is kept as soon as it is chosen. */
export function SchoolSpan({ hours }: { readonly hours: PressedHours }) {
  const t = useTranslations('install.schoolSpan');
  const { act, busy, problem } = useDeed();
  return (
    <label className="grid gap-2">
      <span className="section-head">{t('heading')}</span>
      <span className="under">{t('under')}</span>
      <select
        className="field !w-auto justify-self-start"
        value={hours}
        disabled={busy}
        onChange={({ target: { value } }) => {
          const pressedHours = PRESSED_HOURS.find((one) => String(one) === value) ?? 0;
          void act(changeSchoolSpan, { pressedHours });
        }}
      >
        {PRESSED_HOURS.map((one) => (
          <option key={one} value={one}>
            {t('hours', { hours: one })}
          </option>
        ))}
      </select>
      <span className="problem" role="alert">
        {problem}
      </span>
    </label>
  );
}

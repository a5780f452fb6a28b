'use client';

import { useTranslations } from 'next-intl';
import { changeSchoolSpan } from '../../contract/administration/changeSchoolSpan';
import { LONGEST_PRESSED as LONGEST, type PressedHours } from '../../core/classes/deskRules';
import { PressedHoursSelect } from '../basics/PressedHoursSelect';
import { useDeed } from '../basics/useDeed';

/** How long at most a press without a line counts in any class; it is kept as soon as it is chosen. */
export function SchoolSpan({ hours }: { readonly hours: PressedHours }) {
  const t = useTranslations('install.schoolSpan');
  const { act, busy, problem } = useDeed();
  return (
    <label className="grid gap-2">
      <span className="section-head">{t('heading')}</span>
      <span className="under">{t('under')}</span>
      <PressedHoursSelect
        value={hours}
        most={LONGEST}
        disabled={busy}
        inWords={(one) => t('hours', { hours: one })}
        onChoose={(pressedHours) => void act(changeSchoolSpan, { pressedHours })}
      />
      <span className="problem" role="alert">
        {problem}
      </span>
    </label>
  );
}

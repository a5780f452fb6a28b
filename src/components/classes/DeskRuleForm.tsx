'use client';

import { useTranslations } from 'next-intl';
import { changeDesk } from '../../contract/classes/changeDesk';
import { PRESSED_HOURS, type DeskRules, type PressedHours } from '../../core/classes/deskRules';
import { useDeed } from '../basics/useDeed';

interface DeskRuleFormProps {
  readonly classId: string;
  readonly desk: DeskRules;
  readonly rule: Exclude<keyof DeskRules, 'pressedHours'>;
}

/** One thing that a class decides about how its writers work; it is kept as soon as it is pressed. */
export function DeskRuleForm({ classId, desk, rule }: DeskRuleFormProps) {
  const t = useTranslations('classSettings.desk');
  const { act, busy, problem } = useDeed();
  return (
    <div className="grid gap-1">
      <label className="flex items-start gap-3">
        <input
          type="checkbox"
          className="mt-1 h-[17px] w-[17px] accent-[var(--porch)]"
          checked={desk[rule]}
          disabled={busy}
          onChange={(event) => void act(changeDesk, { classId, ...desk, [rule]: event.target.checked })}
        />
        <span>
          <b>{t(`${rule}.name`)}</b>
          <span className="block text-[14.5px] text-ink-2">{t(`${rule}.means`)}</span>
        </span>
      </label>
      <p className="problem" role="alert">
        {problem}
      </p>
    </div>
  );
}

/** How long a press without a line counts; it is kept as soon as it is chosen. */
export function PressedHoursForm({
  classId,
  desk,
  most,
}: Pick<DeskRuleFormProps, 'classId' | 'desk'> & { readonly most: PressedHours }) {
  const t = useTranslations('classSettings.desk.pressedHours');
  const { act, busy, problem } = useDeed();
  return (
    <label className="grid gap-1">
      <b>{t('name')}</b>
      <span className="text-[14.5px] text-ink-2">
        {t('means')} {most < PRESSED_HOURS.at(-1)! ? t('school') : ''}
      </span>
      <select
        className="field !w-auto justify-self-start"
        value={Math.min(desk.pressedHours, most)}
        disabled={busy}
        onChange={({ target: { value } }) => {
          const pressedHours = PRESSED_HOURS.find((hours) => String(hours) === value) ?? 0;
          void act(changeDesk, { classId, ...desk, pressedHours });
        }}
      >
        {PRESSED_HOURS.filter((hours) => hours <= most).map((hours) => (
          <option key={hours} value={hours}>
            {t('hours', { hours })}
          </option>
        ))}
      </select>
      <span className="problem" role="alert">
        {problem}
      </span>
    </label>
  );
}

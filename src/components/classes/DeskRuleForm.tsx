'use client';

import { useTranslations } from 'next-intl';
import { changeDesk } from '../../contract/classes/changeDesk';
import { LONGEST_PRESSED, type DeskRules, type PressedHours } from '../../core/classes/deskRules';
import { PressedHoursSelect } from '../basics/PressedHoursSelect';
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
        {t('means')} {most < LONGEST_PRESSED ? t('school') : ''}
      </span>
      <PressedHoursSelect
        value={desk.pressedHours}
        most={most}
        disabled={busy}
        inWords={(hours) => t('hours', { hours })}
        onChoose={(pressedHours) => void act(changeDesk, { classId, ...desk, pressedHours })}
      />
      <span className="problem" role="alert">
        {problem}
      </span>
    </label>
  );
}

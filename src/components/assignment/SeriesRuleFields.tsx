'use client';

import { useTranslations } from 'next-intl';
import { useId } from 'react';
import type { SeriesRule } from '../../core/assignments/series';
import { Weekdays } from '../basics/Weekdays';
import { NumberFill } from './forms/fields';

interface SeriesRuleFieldsProps {
  readonly rule: SeriesRule;
  readonly onChange: (rule: SeriesRule) => void;
}

/** On which days something is repeated, and when each is due and seen. */
export function SeriesRuleFields({ rule, onChange }: SeriesRuleFieldsProps) {
  const t = useTranslations('builder.series');
  const id = useId();
  const change = (part: Partial<SeriesRule>) => onChange({ ...rule, ...part });
  const date = (name: 'first' | 'last') => (
    <label className="grid gap-0.5" htmlFor={`${id}-${name}`}>
      <span>{t(name)}</span>
      <input
        id={`${id}-${name}`}
        className="field"
        type="date"
        value={rule[name]}
        onChange={(event) => (event.target.value ? change({ [name]: event.target.value }) : undefined)}
      />
    </label>
  );
  return (
    <>
      {date('first')}
      {date('last')}
      <Weekdays legend={t('weekdays')} days={rule.weekdays} onChange={(weekdays) => change({ weekdays })} />
      <p>
        {t('every')}{' '}
        <NumberFill
          label={t('everyLabel')}
          least={1}
          most={8}
          value={rule.every}
          onChange={(every) => change({ every: every ?? 1 })}
        />{' '}
        {t('everyWeeks', { count: rule.every })}
      </p>
      <label className="grid gap-0.5" htmlFor={`${id}-time`}>
        <span>{t('time')}</span>
        <input
          id={`${id}-time`}
          className="field"
          type="time"
          value={rule.time}
          onChange={(event) => (event.target.value ? change({ time: event.target.value }) : undefined)}
        />
      </label>
      <p>
        {t('seen')}{' '}
        <NumberFill
          label={t('opensBefore')}
          value={rule.opensBefore}
          onChange={(opensBefore) => change({ opensBefore: Math.min(60, opensBefore ?? 0) })}
        />{' '}
        {t('daysBefore', { count: rule.opensBefore })}
      </p>
      <label className="grid gap-0.5" htmlFor={`${id}-weeks`}>
        <span>{t('weeks')}</span>
        <select
          id={`${id}-weeks`}
          className="field"
          value={rule.weeks}
          onChange={(event) => change({ weeks: event.target.value === 'calendar' ? 'calendar' : 'counted' })}
        >
          <option value="counted">{t('counted')}</option>
          <option value="calendar">{t('calendar')}</option>
        </select>
      </label>
    </>
  );
}

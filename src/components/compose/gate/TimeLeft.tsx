'use client';

import { useTranslations } from 'next-intl';
import { Steps } from '../../assignment/Steps';
import type { DueDayShown } from '../composeProps';
import type { GateTrayProps } from './gateProps';

/** How the post stands with the time, and what handing in does. */
export function TimeLeft(props: GateTrayProps) {
  const { due, steps, handIns, busy, onHandIn, onLower, assignment, missing } = props;
  const t = useTranslations('gate.time');
  const rule = due.lateRule;
  const shut = assignment.missing === 'stops' && missing.length > 0;
  return (
    <section>
      <h2>{due.when ? t('due', { when: due.when }) : t('noDue')}</h2>
      <Days days={due.days} />
      <p className="font-semibold">
        {due.when === null
          ? null
          : due.late
            ? t('late', { days: Math.max(1, -due.inDays) })
            : t('early', { days: due.inDays })}
      </p>
      {due.late && rule.kind !== 'none' ? <p>{t(`costs.${rule.kind}`, { perDay: rule.perDay })}</p> : null}
      {steps.length ? <Steps steps={steps} /> : null}
      <p className="text-ink-2">{t('whatHappens', { ordinal: handIns + 1 })}</p>
      <span className="mt-auto flex flex-wrap items-center gap-4">
        <button type="button" className="btn go sm:!hidden" disabled={busy || shut} onClick={onHandIn}>
          {t('handItIn')}
        </button>
        <button type="button" className="act" onClick={onLower}>
          {t('keepWriting')}
        </button>
        <kbd className="key">Esc</kbd>
      </span>
    </section>
  );
}

/** The days from today to the due time, drawn as bays; the same is said in words beside them. */
function Days({ days }: { readonly days: readonly DueDayShown[] }) {
  const t = useTranslations('gate.time');
  if (days.length === 0) return null;
  return (
    <ol className="due-days" aria-hidden="true">
      {days.map((day) =>
        day.kind === 'gap' ? (
          <li key="gap" className="between">
            {t('between', { days: day.days })}
          </li>
        ) : (
          <li key={day.date} className={`${day.today ? 'today' : ''} ${day.due ? 'due' : ''}`}>
            <b>{day.weekday}</b>
            {day.due ? day.time : day.today ? t('today') : day.day}
          </li>
        ),
      )}
    </ol>
  );
}

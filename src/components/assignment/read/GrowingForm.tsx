'use client';

import { useTranslations } from 'next-intl';
import { useId } from 'react';
import type { Growing, Milestone } from '../../../core/assignments/growing';
import { addDays } from '../../../core/timing/zonedTime';
import { CheckFill, NumberFill } from '../forms/fields';

interface GrowingFormProps {
  readonly growing: Growing | null;
  /** By when it is finished; local. */
  readonly due: string | null;
  readonly problemAt: (field: string) => string;
  readonly onChange: (growing: Growing | null) => void;
}

/** Whether posts grow, and what they are to reach on the way. */
export function GrowingForm({ growing, due, problemAt, onChange }: GrowingFormProps) {
  const t = useTranslations('builder.read');
  const id = useId();
  return (
    <div className="grid gap-2">
      <CheckFill
        checked={growing !== null}
        onChange={(on) => onChange(on ? { startBy: null, milestones: [] } : null)}
      >
        {t('grows')}
      </CheckFill>
      {growing ? (
        <div className="grid gap-3 border-l-4 border-porch pl-3">
          <p className="text-[13.5px] text-ink-2">{t('growing.how')}</p>
          <label className="grid gap-1" htmlFor={`${id}-start`}>
            <span className="font-semibold">{t('growing.startBy')}</span>
            <input
              id={`${id}-start`}
              className="field"
              type="datetime-local"
              value={growing.startBy ?? ''}
              aria-invalid={problemAt('growing.startBy') !== ''}
              onChange={(event) => onChange({ ...growing, startBy: event.target.value || null })}
            />
          </label>
          <Problem text={problemAt('growing.startBy')} />
          <Milestones growing={growing} due={due} problemAt={problemAt} onChange={onChange} />
        </div>
      ) : null}
    </div>
  );
}

interface MilestonesProps extends GrowingFormProps {
  readonly growing: Growing;
}

function Milestones({ growing, due, problemAt, onChange }: MilestonesProps) {
  const t = useTranslations('builder.read.growing');
  const { milestones } = growing;
  const set = (changed: readonly Milestone[]) => onChange({ ...growing, milestones: changed });
  return (
    <fieldset className="grid gap-2">
      <legend className="font-semibold">{t('milestones')}</legend>
      <ol className="grid gap-2">
        {milestones.map((milestone, index) => {
          const ordinal = index + 1;
          const problem = problemAt(`growing.milestones.${index}`);
          return (
            <li key={index} className="grid gap-1">
              <span className="flex flex-wrap items-center gap-x-2 gap-y-1">
                <NumberFill
                  label={t('entries', { ordinal })}
                  least={1}
                  value={milestone.entries}
                  onChange={(entries) => set(milestones.with(index, { ...milestone, entries: entries ?? 1 }))}
                />
                {t('entriesWord')}
                <input
                  className="fill !w-56"
                  type="datetime-local"
                  aria-label={t('by', { ordinal })}
                  aria-invalid={problem !== ''}
                  value={milestone.by}
                  onChange={(event) =>
                    event.target.value
                      ? set(milestones.with(index, { ...milestone, by: event.target.value }))
                      : undefined
                  }
                />
                <button
                  type="button"
                  className="act"
                  aria-label={t('removeOrdinal', { ordinal })}
                  onClick={() => set(milestones.toSpliced(index, 1))}
                >
                  {t('remove')}
                </button>
              </span>
              <Problem text={problem} />
            </li>
          );
        })}
      </ol>
      {due === null ? (
        <p className="text-ink-2">{t('dueFirst')}</p>
      ) : (
        <button
          type="button"
          className="act justify-self-start"
          onClick={() => set([...milestones, furtherMilestone(growing, due)])}
        >
          {t('add')}
        </button>
      )}
    </fieldset>
  );
}

const FIRST_ENTRIES = 5;

/** A week after the step before, with as many entries more; where nothing is known, a week before the finish. */
function furtherMilestone({ startBy, milestones }: Growing, due: string): Milestone {
  const last = milestones.at(-1);
  const before = last?.by ?? startBy;
  const weekAfter = before && `${addDays(before.slice(0, 10), 7)}${before.slice(10)}`;
  const weekBefore = `${addDays(due.slice(0, 10), -7)}${due.slice(10)}`;
  return {
    by: weekAfter && weekAfter < due ? weekAfter : weekBefore,
    entries: (last?.entries ?? 0) + FIRST_ENTRIES,
  };
}

function Problem({ text }: { readonly text: string }) {
  return (
    <p className="problem" role="alert">
      {text}
    </p>
  );
}

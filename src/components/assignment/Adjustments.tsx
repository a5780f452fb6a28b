'use client';

import { useFormatter, useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { adjustAssignment } from '../../contract/assignments/adjustAssignment';
import { dropAdjustment } from '../../contract/assignments/dropAdjustment';
import { ofKind } from '../../core/requirements/ofKind';
import type { Requirement } from '../../core/requirements/requirement';
import { useMadeWords } from '../basics/useMadeWords';
import { useDeed } from '../basics/useDeed';
import { useRequirementName } from '../railing/RequirementLine';
import type { AdjustmentShown, BuilderProps } from './builderProps';
import { WhoIsAdjusted } from './WhoIsAdjusted';
import { CheckFill, NumberFill } from './forms/fields';
import { FORMS } from './forms/forms';

/** What is asked of single students otherwise than of the others. */
export function Adjustments(props: BuilderProps) {
  const { assignmentId, adjustments } = props;
  const t = useTranslations('builder.adjust');
  const { act, busy, problem } = useDeed();
  const [changing, setChanging] = useState<AdjustmentShown | 'new' | null>(null);
  return (
    <section className="mt-6 grid gap-2">
      <h2 className="section-head">{t('title')}</h2>
      <p className="text-[14px] text-ink-2">{t('under')}</p>
      <ul className="rows">
        {adjustments.map((one) => (
          <li key={one.personId} className="!grid-cols-1 !py-2">
            <span>
              <b>{one.name}</b> <Said adjustment={one} requirements={props.draft.requirements} />
            </span>
            <span className="flex gap-4">
              <button type="button" className="act" onClick={() => setChanging(one)}>
                {t('change')}
              </button>
              <button
                type="button"
                className="act"
                disabled={busy}
                aria-label={t('dropName', { name: one.name })}
                onClick={() => void act(dropAdjustment, { assignmentId, personId: one.personId })}
              >
                {t('drop')}
              </button>
            </span>
          </li>
        ))}
      </ul>
      <p className="problem" role="alert">
        {problem}
      </p>
      {changing ? (
        <AdjustmentForm
          {...props}
          key={changing === 'new' ? 'new' : changing.personId}
          first={changing === 'new' ? null : changing}
          onDone={() => setChanging(null)}
        />
      ) : (
        <button type="button" className="act justify-self-start" onClick={() => setChanging('new')}>
          {t('add')}
        </button>
      )}
    </section>
  );
}

interface SaidProps {
  readonly adjustment: AdjustmentShown;
  readonly requirements: BuilderProps['draft']['requirements'];
}

function Said({ adjustment, requirements }: SaidProps) {
  const t = useTranslations('builder.adjust.says');
  const format = useFormatter();
  const nameOf = useRequirementName();
  const words = useMadeWords('requirements');
  const without = requirements.filter((one) => adjustment.leftOut.includes(one.id)).map(nameOf);
  const parts = [
    adjustment.excused ? t('excused') : null,
    adjustment.dueSaid ? t('due', { due: adjustment.dueSaid }) : null,
    without.length ? t('without', { names: format.list(without) }) : null,
    ...requirements.flatMap((one) =>
      limitsOf(one).flatMap(({ limit, label }) => {
        const other = adjustment.limits[one.id]?.[limit];
        const what = words(`${one.kind}.form.${label}`);
        return other === undefined ? [] : [t('limit', { name: nameOf(one), what, other })];
      }),
    ),
  ].filter((part) => part !== null);
  return <span className="text-ink-2">{parts.join(', ')}</span>;
}

interface AdjustmentFormProps extends BuilderProps {
  readonly first: AdjustmentShown | null;
  readonly onDone: () => void;
}

function AdjustmentForm({ assignmentId, people, adjustments, draft, first, onDone }: AdjustmentFormProps) {
  const t = useTranslations('builder.adjust');
  const nameOf = useRequirementName();
  const { act, busy, problem } = useDeed();
  const id = useId();
  const [chosen, setChosen] = useState<readonly string[]>(first ? [first.personId] : []);
  const [due, setDue] = useState(first?.due ?? '');
  const [leftOut, setLeftOut] = useState<readonly string[]>(first?.leftOut ?? []);
  const [limits, setLimits] = useState(first?.limits ?? {});
  const free = people.filter((one) => !adjustments.some((other) => other.personId === one.id));
  const keep = async () => {
    const kept = await act(adjustAssignment, {
      assignmentId,
      personIds: chosen,
      due: due || null,
      leftOut,
      limits,
    });
    if (kept) onDone();
  };
  return (
    <form
      className="grid gap-3 border-l-4 border-porch pl-3"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      {first ? <b>{first.name}</b> : <WhoIsAdjusted people={free} chosen={chosen} onChoose={setChosen} />}
      <label className="grid gap-1" htmlFor={`${id}-due`}>
        <span className="font-semibold">{t('due')}</span>
        <input
          id={`${id}-due`}
          className="field"
          type="datetime-local"
          min={draft.due ?? undefined}
          value={due}
          onChange={(event) => setDue(event.target.value)}
        />
      </label>
      <fieldset className="grid gap-2">
        <legend className="font-semibold">{t('leaveOut')}</legend>
        {draft.requirements.map((one) => (
          <div key={one.id} className="grid gap-1">
            <CheckFill
              checked={leftOut.includes(one.id)}
              onChange={(on) =>
                setLeftOut(on ? [...leftOut, one.id] : leftOut.filter((other) => other !== one.id))
              }
            >
              {nameOf(one)}
            </CheckFill>
            {leftOut.includes(one.id) ? null : (
              <OtherLimits
                requirement={one}
                limits={limits[one.id] ?? {}}
                onChange={(other) => setLimits(withLimits(limits, one.id, other))}
              />
            )}
          </div>
        ))}
      </fieldset>
      <p className="problem" role="alert">
        {problem}
      </p>
      <span className="flex gap-4">
        <button className="btn go" disabled={busy || chosen.length === 0}>
          {t('keep')}
        </button>
        <button type="button" className="act" data-leave="" onClick={onDone}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}

type Limits = AdjustmentShown['limits'];

/** The numbers that a requirement asks for, each of which may be another for one student. */
function limitsOf(requirement: Requirement) {
  const limits = ofKind(FORMS, requirement.kind)?.limits ?? [];
  return limits.filter(({ limit }) => typeof requirement[limit] === 'number');
}

/** Other limits for a requirement; one without any is not named. */
function withLimits(limits: Limits, id: string, other: Limits[string]): Limits {
  const { [id]: _, ...others } = limits;
  return Object.keys(other).length === 0 ? others : { ...others, [id]: other };
}

interface OtherLimitsProps {
  readonly requirement: Requirement;
  readonly limits: Limits[string];
  readonly onChange: (limits: Limits[string]) => void;
}

/** The limits that a requirement has, to be set otherwise; one that is as for all others is not kept. */
function OtherLimits({ requirement, limits, onChange }: OtherLimitsProps) {
  const t = useTranslations('builder.adjust');
  const words = useMadeWords('requirements');
  const nameOf = useRequirementName();
  const set = (name: string, value: number | undefined) => {
    const { [name]: _, ...other } = limits;
    onChange(value === undefined || value === requirement[name] ? other : { ...other, [name]: value });
  };
  const own = limitsOf(requirement);
  if (own.length === 0) return null;
  return (
    <span className="grid gap-0.5 pl-6 text-[14px] text-ink-2">
      {own.map(({ limit, label }) => {
        const what = words(`${requirement.kind}.form.${label}`);
        const given = requirement[limit] as number;
        return (
          <span key={limit} className="flex flex-wrap items-center gap-x-2">
            {what}
            <NumberFill
              label={t('limitOf', { name: nameOf(requirement), what })}
              value={limits[limit] ?? given}
              onChange={(value) => set(limit, value)}
            />
            {limits[limit] === undefined ? null : t('forOthers', { given })}
          </span>
        );
      })}
    </span>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { dropRequirementSet } from '../../contract/assignments/dropRequirementSet';
import { keepRequirementSet } from '../../contract/assignments/keepRequirementSet';
import { readRequirements } from '../../contract/assignments/readRequirements';
import type { Requirement } from '../../core/requirements/requirement';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import { useDeed } from '../basics/useDeed';
import type { BuilderProps } from './builderProps';

interface RequirementSetsProps extends BuilderProps {
  readonly onUse: (requirements: readonly Requirement[]) => void;
}

/** Requirements from elsewhere: kept sets and other assignments; and keeping these to be used again. */
export function RequirementSets({ assignmentId, classId, sets, others, draft, onUse }: RequirementSetsProps) {
  const t = useTranslations('builder.sets');
  const id = useId();
  const { act, busy, problem } = useDeed();
  const [title, setTitle] = useState('');
  const [shared, setShared] = useState(false);
  const [keeping, setKeeping] = useState(false);
  const own = sets.filter((set) => set.from === null);
  const copying = useAsking();
  const use = async (id: string) => {
    const from = sets.some((one) => one.id === id) ? 'set' : 'assignment';
    const outcome = await copying.wait(call(readRequirements, { assignmentId, from, id }));
    if (outcome.ok) onUse(outcome.value.requirements);
  };
  const keep = async () => {
    const kept = await act(keepRequirementSet, {
      classId,
      title: title.trim(),
      requirements: draft.requirements,
      shared,
    });
    if (kept) setKeeping(false);
  };
  return (
    <section className="mt-5 grid gap-2 border-t border-line pt-4" aria-label={t('label')}>
      <h2 className="font-bold">{t('label')}</h2>
      {sets.length + others.length > 0 ? (
        <label className="flex flex-wrap items-center gap-3" htmlFor={`${id}-from`}>
          <span>{t('copyFrom')}</span>
          <select
            id={`${id}-from`}
            className="field !w-auto max-w-full"
            value=""
            disabled={copying.busy}
            onChange={(event) => void use(event.target.value)}
          >
            <option value="">{t('choose')}</option>
            {sets.length ? (
              <optgroup label={t('kept')}>
                {sets.map((set) => (
                  <option key={set.id} value={set.id}>
                    {set.from ? t('sharedBy', { title: set.title, teacher: set.from }) : set.title}
                  </option>
                ))}
              </optgroup>
            ) : null}
            {others.length ? (
              <optgroup label={t('assignments')}>
                {others.map((one) => (
                  <option key={one.id} value={one.id}>
                    {t('ofClass', { title: one.title, group: one.group })}
                  </option>
                ))}
              </optgroup>
            ) : null}
          </select>
        </label>
      ) : null}
      {keeping ? (
        <form
          className="flex flex-wrap items-center gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void keep();
          }}
        >
          <label htmlFor={`${id}-title`}>{t('name')}</label>
          <input
            id={`${id}-title`}
            className="field !w-56"
            maxLength={120}
            value={title}
            onChange={(event) => setTitle(event.target.value)}
          />
          <label className="flex items-center gap-2">
            <input type="checkbox" checked={shared} onChange={(event) => setShared(event.target.checked)} />
            {t('share')}
          </label>
          <button className="btn go" disabled={busy || !title.trim()}>
            {t('keep')}
          </button>
          <button type="button" className="act" data-leave="" onClick={() => setKeeping(false)}>
            {t('leave')}
          </button>
        </form>
      ) : (
        <button
          type="button"
          className="act justify-self-start"
          disabled={draft.requirements.length === 0}
          onClick={() => setKeeping(true)}
        >
          {t('keepThese')}
        </button>
      )}
      {own.length ? (
        <ul className="flex flex-wrap gap-x-5 gap-y-1 text-[14.5px]">
          {own.map((set) => (
            <li key={set.id}>
              {set.shared ? t('isShared', { title: set.title }) : set.title}{' '}
              <button
                type="button"
                className="act"
                disabled={busy}
                aria-label={t('dropName', { title: set.title })}
                onClick={() => void act(dropRequirementSet, { classId, setId: set.id })}
              >
                {t('drop')}
              </button>
            </li>
          ))}
        </ul>
      ) : null}
      <p className="problem" role="alert">
        {problem || copying.problem}
      </p>
    </section>
  );
}

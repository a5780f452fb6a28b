'use client';

import { Plus } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { rubricPoints, type Criterion, type Level } from '../../core/assignments/rubric';
import { newKey } from '../basics/newKey';
import { NumberFill } from './forms/fields';

interface RubricBuilderProps {
  readonly rubric: readonly Criterion[];
  readonly onChange: (rubric: readonly Criterion[]) => void;
}

const FEWEST_LEVELS = 2;
const MOST_LEVELS = 8;
/** By how many pixels a level stands lower than the next. */
const LOWER = 8;

/** Criteria with their levels, each level with points and a few words. */
export function RubricBuilder({ rubric, onChange }: RubricBuilderProps) {
  const t = useTranslations('builder.rubric');
  const [open, setOpen] = useState('');
  const replace = (id: string, criterion: Criterion) =>
    onChange(rubric.map((one) => (one.id === id ? criterion : one)));
  const add = () => {
    const levels = [1, 2, 3, 4].map((points) => ({ points, description: '' }));
    const id = newKey().slice(0, 8);
    setOpen(id);
    onChange([
      ...rubric,
      {
        id,
        name: t('freshName', { number: rubric.length + 1 }),
        weight: 1,
        levels,
      },
    ]);
  };
  return (
    <section>
      <h2 className="section-head">
        {t('title')}{' '}
        <small className="ml-auto">
          {t('sum', { criteria: rubric.length, points: rubricPoints(rubric) })}
        </small>
      </h2>
      <ul>
        {rubric.map((criterion, index) => (
          <CriterionPickets
            key={criterion.id}
            criterion={criterion}
            at={`rubric.${index}`}
            isOpen={open === criterion.id}
            onOpen={() => setOpen(criterion.id)}
            onChange={(changed) => replace(criterion.id, changed)}
            onRemove={() => onChange(rubric.filter((one) => one.id !== criterion.id))}
          />
        ))}
      </ul>
      <button type="button" className="act mt-3" onClick={add}>
        <Plus aria-hidden="true" size={15} /> {t('add')}
      </button>
    </section>
  );
}

interface CriterionPicketsProps {
  readonly criterion: Criterion;
  /** Where it stands, for what leads there. */
  readonly at: string;
  /** Whether what can be done to it is shown. */
  readonly isOpen: boolean;
  readonly onOpen: () => void;
  readonly onChange: (criterion: Criterion) => void;
  readonly onRemove: () => void;
}

/** A criterion: its levels stand side by side as pickets, each a little higher, with its points and what it looks like. */
function CriterionPickets({ criterion, at, isOpen, onOpen, onChange, onRemove }: CriterionPicketsProps) {
  const t = useTranslations('builder.rubric');
  const { levels, name, weight } = criterion;
  const setLevels = (changed: readonly Level[]) => onChange({ ...criterion, levels: changed });
  const replace = (index: number, level: Partial<Level>) =>
    setLevels(levels.with(index, { ...levels[index]!, ...level }));
  return (
    <li className="pt-3 pb-1" data-at={at} onFocus={onOpen} onClick={onOpen}>
      <div className="flex items-baseline gap-2">
        <input
          className="fill min-w-0 flex-1"
          aria-label={t('name')}
          maxLength={80}
          value={name}
          onChange={(event) => onChange({ ...criterion, name: event.target.value })}
        />
        {isOpen || weight !== 1 ? (
          <span className="text-ink-2">
            ×{' '}
            <NumberFill
              label={t('weight', { name })}
              decimals
              value={weight}
              onChange={(given) => onChange({ ...criterion, weight: given && given > 0 ? given : 1 })}
            />
          </span>
        ) : null}
      </div>
      <ol className="level-pickets">
        {levels.map((level, index) => (
          <li key={index} style={{ paddingTop: 8 + LOWER * (levels.length - 1 - index) }}>
            <span className="level-picket">
              <NumberFill
                label={t('levelPoints', { name, level: index + 1 })}
                decimals
                value={level.points}
                onChange={(points) => replace(index, { points: points ?? 0 })}
              />
              <textarea
                rows={2}
                aria-label={t('levelWords', { name, level: index + 1 })}
                placeholder={t('levelHint')}
                maxLength={200}
                value={level.description}
                onChange={(event) => replace(index, { description: event.target.value })}
              />
            </span>
          </li>
        ))}
      </ol>
      {isOpen ? (
        <span className="mt-2 flex flex-wrap gap-x-4 gap-y-1">
          {levels.length < MOST_LEVELS ? (
            <button
              type="button"
              className="act"
              onClick={() =>
                setLevels([...levels, { points: (levels.at(-1)?.points ?? 0) + 1, description: '' }])
              }
            >
              {t('addLevel')}
            </button>
          ) : null}
          {levels.length > FEWEST_LEVELS ? (
            <button type="button" className="act" onClick={() => setLevels(levels.slice(0, -1))}>
              {t('dropLevel')}
            </button>
          ) : null}
          <button
            type="button"
            className="act ml-auto"
            aria-label={t('removeName', { name })}
            onClick={onRemove}
          >
            {t('remove')}
          </button>
        </span>
      ) : null}
    </li>
  );
}

'use client';

import { Plus } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { rubricPoints, type Criterion, type Level } from '../../core/assignments/rubric';
import { NumberFill } from './forms/fields';

interface RubricBuilderProps {
  readonly rubric: readonly Criterion[];
  readonly onChange: (rubric: readonly Criterion[]) => void;
}

const FEWEST_LEVELS = 2;
const MOST_LEVELS = 8;

/** Criteria with their levels, each level with points and a few words. */
export function RubricBuilder({ rubric, onChange }: RubricBuilderProps) {
  const t = useTranslations('builder.rubric');
  const replace = (id: string, criterion: Criterion) =>
    onChange(rubric.map((one) => (one.id === id ? criterion : one)));
  const add = () => {
    const levels = [1, 2, 3, 4].map((points) => ({ points, description: '' }));
    onChange([
      ...rubric,
      {
        id: crypto.randomUUID().slice(0, 8),
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
        {rubric.map((criterion) => (
          <li key={criterion.id} className="border-b border-line py-3">
            <div className="flex flex-wrap items-center gap-2">
              <input
                className="fill flex-1"
                aria-label={t('name')}
                maxLength={80}
                value={criterion.name}
                onChange={(event) => replace(criterion.id, { ...criterion, name: event.target.value })}
              />
              <span>
                ×{' '}
                <NumberFill
                  label={t('weight', { name: criterion.name })}
                  decimals
                  value={criterion.weight}
                  onChange={(weight) =>
                    replace(criterion.id, { ...criterion, weight: weight && weight > 0 ? weight : 1 })
                  }
                />
              </span>
            </div>
            <Levels
              criterion={criterion}
              onChange={(levels) => replace(criterion.id, { ...criterion, levels })}
            />
            <button
              type="button"
              className="act"
              aria-label={t('removeName', { name: criterion.name })}
              onClick={() => onChange(rubric.filter((one) => one.id !== criterion.id))}
            >
              {t('remove')}
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="act mt-3" onClick={add}>
        <Plus aria-hidden="true" size={15} /> {t('add')}
      </button>
    </section>
  );
}

function Levels({
  criterion,
  onChange,
}: {
  readonly criterion: Criterion;
  readonly onChange: (levels: readonly Level[]) => void;
}) {
  const t = useTranslations('builder.rubric');
  const { levels, name } = criterion;
  const replace = (index: number, level: Partial<Level>) =>
    onChange(levels.map((one, at) => (at === index ? { ...one, ...level } : one)));
  return (
    <>
      <ol className="my-2 grid gap-1.5">
        {levels.map((level, index) => (
          <li key={index} className="flex items-center gap-2">
            <b className="w-4">{index + 1}</b>
            <NumberFill
              label={t('levelPoints', { name, level: index + 1 })}
              decimals
              value={level.points}
              onChange={(points) => replace(index, { points: points ?? 0 })}
            />
            <input
              className="fill flex-1 !font-normal"
              aria-label={t('levelWords', { name, level: index + 1 })}
              placeholder={t('levelHint')}
              maxLength={200}
              value={level.description}
              onChange={(event) => replace(index, { description: event.target.value })}
            />
          </li>
        ))}
      </ol>
      <span className="mr-4 inline-flex gap-4">
        {levels.length < MOST_LEVELS ? (
          <button
            type="button"
            className="act"
            onClick={() =>
              onChange([...levels, { points: (levels.at(-1)?.points ?? 0) + 1, description: '' }])
            }
          >
            {t('addLevel')}
          </button>
        ) : null}
        {levels.length > FEWEST_LEVELS ? (
          <button type="button" className="act" onClick={() => onChange(levels.slice(0, -1))}>
            {t('dropLevel')}
          </button>
        ) : null}
      </span>
    </>
  );
}

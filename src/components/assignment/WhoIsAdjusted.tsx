'use client';

import { useTranslations } from 'next-intl';
import type { PersonToAdjust } from './builderProps';
import { CheckFill } from './forms/fields';

interface WhoIsAdjustedProps {
  readonly people: readonly PersonToAdjust[];
  readonly chosen: readonly string[];
  readonly onChoose: (ids: readonly string[]) => void;
}

/** Students of whom something else is asked, one by one or a group at once. */
export function WhoIsAdjusted({ people, chosen, onChoose }: WhoIsAdjustedProps) {
  const t = useTranslations('builder.adjust');
  const groups = [...new Set(people.map((one) => one.group).filter((group) => group !== null))].sort();
  const without = (ids: readonly string[]) => chosen.filter((one) => !ids.includes(one));
  return (
    <fieldset className="grid gap-1">
      <legend className="font-semibold">{t('who')}</legend>
      {groups.length ? (
        <span className="mb-1 flex flex-wrap gap-x-4 gap-y-1">
          {groups.map((group) => {
            const ids = people.filter((one) => one.group === group).map((one) => one.id);
            const all = ids.every((id) => chosen.includes(id));
            return (
              <button
                key={group}
                type="button"
                className="act"
                aria-pressed={all}
                onClick={() => onChoose(all ? without(ids) : [...without(ids), ...ids])}
              >
                {t('allOf', { group, count: ids.length })}
              </button>
            );
          })}
        </span>
      ) : null}
      <div
        className="grid max-h-44 gap-1 overflow-auto border-l-4 border-line pl-2"
        tabIndex={0}
        role="group"
      >
        {people.map((one) => (
          <CheckFill
            key={one.id}
            checked={chosen.includes(one.id)}
            onChange={(on) => onChoose(on ? [...chosen, one.id] : without([one.id]))}
          >
            {one.name}
          </CheckFill>
        ))}
      </div>
      <p className="text-[13.5px] text-ink-2" role="status">
        {t('chosen', { count: chosen.length })}
      </p>
    </fieldset>
  );
}

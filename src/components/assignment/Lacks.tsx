'use client';

import { useTranslations } from 'next-intl';
import type { AssignmentDraft } from '../../core/assignments/assignmentSettings';
import type { LackToSet } from '../../core/assignments/lacksToSet';
import { leadTo } from '../basics/leadTo';
import { useRequirementName } from '../railing/RequirementLine';

interface LacksProps {
  readonly lacks: readonly LackToSet[];
  readonly draft: AssignmentDraft;
  readonly onSet: () => void;
  readonly onLower: () => void;
}

/** All that is empty or wrong before an assignment is set; each line leads to where it is mended. */
export function Lacks({ lacks, draft, onSet, onLower }: LacksProps) {
  const t = useTranslations('builder.gate.lacks');
  const nameOf = useRequirementName();
  const named = ({ at, name }: LackToSet) => {
    const requirement = /^requirements\.(\d+)$/.exec(at)?.[1];
    return requirement === undefined
      ? ''
      : nameOf({ ...draft.requirements[Number(requirement)]!, text: name ?? '' });
  };
  return (
    <>
      <ul className="grid gap-2">
        {lacks.map((lack) => (
          <li key={`${lack.kind} ${lack.at}`}>
            <button
              type="button"
              className="act text-left"
              onClick={() => {
                onLower();
                leadTo(lack.at);
              }}
            >
              {t(`kinds.${lack.kind}`, { bay: named(lack), name: lack.name ?? '' })}
            </button>
          </li>
        ))}
      </ul>
      {lacks.some((lack) => lack.stops) ? (
        <p className="mt-3 text-ink-2">{t('stops')}</p>
      ) : (
        <button type="button" className="btn go mt-4" onClick={onSet}>
          {t('allTheSame')}
        </button>
      )}
    </>
  );
}

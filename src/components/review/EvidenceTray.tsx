'use client';

import { useTranslations } from 'next-intl';
import type { Answer } from '../../core/requirements/answer';
import type { Requirement } from '../../core/requirements/requirement';
import { mark } from '../../core/requirements/slats';
import { Mark } from '../basics/Mark';
import { LETTER } from '../railing/letters';
import { RequirementLine, useRequirementName } from '../railing/RequirementLine';

interface EvidenceTrayProps {
  readonly answer: Answer;
  readonly requirements: readonly Requirement[];
}

/** The evidence for each requirement, as the server computed it at the hand-in. */
export function EvidenceTray({ answer, requirements }: EvidenceTrayProps) {
  const t = useTranslations('review');
  const nameOf = useRequirementName();
  return (
    <>
      <ul className="needs">
        {answer.requirements.map((one, index) => {
          const requirement = requirements[index];
          if (!requirement) return null;
          return (
            <li key={one.id}>
              <Mark id={`s-${LETTER[mark(one, requirement.weight)]}`} className="s" />
              <b>{nameOf(requirement)}</b>
              <span>
                <RequirementLine answer={one} />
                {one.possible > 0 ? (
                  <span className="block">
                    {t('pointsOf', { earned: one.earned, possible: one.possible })}
                  </span>
                ) : null}
              </span>
            </li>
          );
        })}
      </ul>
      <p className="mt-3 border-t border-line pt-2 text-[13.5px] text-ink-2">{t('asItStood')}</p>
    </>
  );
}

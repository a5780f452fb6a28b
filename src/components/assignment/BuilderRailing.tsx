'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import type { LackToSet } from '../../core/assignments/lacksToSet';
import { rubricPoints } from '../../core/assignments/rubric';
import { slats } from '../../core/requirements/slats';
import { StillBay } from '../railing/Bay';
import { Gate } from '../railing/Gate';
import { RequirementLine, useRequirementName } from '../railing/RequirementLine';
import { Tray } from '../railing/Tray';
import { Lacks } from './Lacks';
import type { BuilderProps } from './builderProps';
import { TryStrip } from './TryStrip';
import type { Trial } from './useTrial';

interface BuilderRailingProps extends BuilderProps {
  readonly trial: Trial;
  readonly problem: string;
  /** What is empty or wrong, once setting it was asked for; null before. */
  readonly lacks: readonly LackToSet[] | null;
  readonly onSet: () => void;
  readonly onLower: () => void;
}

/** The railing as it comes out on what it is tried on, and the gate that sets the assignment. */
export function BuilderRailing({
  draft,
  trial,
  earlier,
  isSet,
  series,
  groupName,
  students,
  problem,
  lacks,
  onSet,
  onLower,
}: BuilderRailingProps) {
  const t = useTranslations('builder.gate');
  const nameOf = useRequirementName();
  const { answer } = trial;
  const trayId = useId();
  const [above, setAbove] = useState<HTMLElement | null>(null);
  return (
    <>
      <TryStrip trial={trial} earlier={earlier} />
      <footer className="railing with-gate" aria-label={t('railing')}>
        <ul className="bays" aria-label={t('empty')} tabIndex={0}>
          {answer.requirements.map((one, index) => {
            const requirement = draft.requirements[index]!;
            return (
              <StillBay
                key={one.id}
                name={nameOf(requirement)}
                slats={slats(one, requirement.weight)}
                bonus={requirement.weight === 'bonus'}
              >
                <RequirementLine answer={one} />
                {requirement.weight === 'advice' ? null : (
                  <>
                    {' '}
                    <span className="block">
                      {t('earned', { earned: one.earned, possible: one.possible })}
                    </span>
                  </>
                )}
              </StillBay>
            );
          })}
        </ul>
        {lacks ? (
          <Tray
            id={trayId}
            title={t('lacks.title', { count: lacks.length })}
            above={above}
            width={460}
            onLower={onLower}
          >
            <Lacks lacks={lacks} draft={draft} onSet={onSet} onLower={onLower} />
          </Tray>
        ) : null}
        <Gate
          label={t('label')}
          stands={t('points', {
            points: answer.points.possible + rubricPoints(draft.rubric),
            group: groupName,
          })}
          problem={problem}
          line={t('split', { bays: answer.points.possible, rubric: rubricPoints(draft.rubric) })}
        >
          {series ? (
            <small className="!mt-2 font-semibold">{t('seriesSets')}</small>
          ) : isSet ? (
            <small className="!mt-2 font-semibold">{t('seenBy', { students })}</small>
          ) : (
            <button
              type="button"
              className="sign"
              onClick={(event) => {
                setAbove(event.currentTarget);
                onSet();
              }}
            >
              {t('set')}
            </button>
          )}
        </Gate>
      </footer>
    </>
  );
}

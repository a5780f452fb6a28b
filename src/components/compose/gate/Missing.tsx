'use client';

import { pictureAddress } from '../../../core/document/pictureAddress';
import { ArrowRight } from 'lucide-react';
import { useTranslations } from 'next-intl';
import type { RequirementAnswer } from '../../../core/requirements/answer';
import type { Requirement } from '../../../core/requirements/requirement';
import { mark, slats } from '../../../core/requirements/slats';
import { nextToCome, useStepName } from '../../assignment/Steps';
import { Mark } from '../../basics/Mark';
import { useNumberInWords } from '../../basics/useNumberInWords';
import { LETTER } from '../../railing/letters';
import { Pickets } from '../../railing/Pickets';
import {
  RequirementLine,
  useLack,
  useRequirementName,
  useSentenceBeginning,
} from '../../railing/RequirementLine';
import type { GateTrayProps } from './gateProps';

/** What is missing, each with the way to it, and what is done. */
export function Missing({ assignment, answer, missing: counts, steps, ...props }: GateTrayProps) {
  const t = useTranslations('gate');
  const inWords = useNumberInWords();
  const stepName = useStepName();
  const nameOf = useRequirementName();
  const weighed = answer.requirements.map((one, index) => ({
    one,
    requirement: assignment.requirements[index]!,
  }));
  const missing = weighed.filter(({ one }) => counts.includes(one));
  const next = missing.length ? null : nextToCome(steps);
  const others = weighed.filter((pair) => !missing.includes(pair));
  return (
    <section>
      <h2 className="!text-[25px]">
        {missing.length
          ? t('missing', { count: missing.length, number: inWords(missing.length) })
          : answer.ready
            ? t('nothingMissing')
            : t('nothingCounts')}
      </h2>
      <p className="text-ink-2">
        {missing.length && assignment.missing === 'stops' ? t('stops') : t('safeWhichever')}
      </p>
      {next ? <p>{t('countsNext', { step: stepName(next), when: next.when })}</p> : null}
      <ul className="grid gap-2">
        {missing.map(({ one, requirement }) => (
          <li key={one.id}>
            <Lack {...props} answer={one} requirement={requirement} />
          </li>
        ))}
      </ul>
      {others.length ? (
        <>
          <h3 className="font-read text-[18px] font-semibold">
            {missing.length ? t('done') : answer.ready ? t('allOfThem') : t('howFar')}
          </h3>
          <ul className="grid gap-x-6 gap-y-2 sm:grid-cols-2">
            {others.map(({ one, requirement }) => (
              <li key={one.id} className="flex items-start gap-2 text-[14px]">
                <Mark id={`s-${LETTER[mark(one, requirement.weight)]}`} className="s" />
                <span>
                  <b>{nameOf(requirement)}</b>{' '}
                  <span className="text-ink-2">
                    <RequirementLine answer={one} />
                  </span>
                </span>
              </li>
            ))}
          </ul>
        </>
      ) : null}
    </section>
  );
}

interface LackProps extends Pick<GateTrayProps, 'shownAt' | 'onOpenBay'> {
  readonly answer: RequirementAnswer;
  readonly requirement: Requirement;
}

/** One thing that is missing: the picture that it is missing from or its bay, what it is, where, and what to do. */
function Lack({ answer, requirement, shownAt, onOpenBay }: LackProps) {
  const t = useTranslations('gate');
  const beginningOf = useSentenceBeginning();
  const lackOf = useLack();
  const [place] = answer.places;
  const { picture, words } = place ? shownAt(place) : NOWHERE;
  const { lack, reached, toDo } = lackOf(answer);
  return (
    <button type="button" className="lack" onClick={() => onOpenBay(answer.id)}>
      {picture ? (
        <img src={pictureAddress(picture, 480)} alt="" />
      ) : (
        <span className="onebay" aria-hidden="true">
          <Pickets slats={slats(answer, requirement.weight)} />
        </span>
      )}
      <span className="min-w-0">
        <b className="flex items-center gap-2">
          <Mark id={`s-${LETTER[mark(answer, requirement.weight)]}`} className="s" />
          {lack}
        </b>
        <span className="text-[14px] text-ink-2">
          {words ? t('at', { words }) : [beginningOf(requirement), reached].filter(Boolean).join(', ')}
        </span>
      </span>
      <span className="inline-flex items-center gap-1 font-semibold text-porch">
        {toDo}
        <ArrowRight aria-hidden="true" size={16} className="flex-none" />
      </span>
    </button>
  );
}

const NOWHERE = { picture: null, words: '' };

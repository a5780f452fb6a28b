'use client';

import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Answer, RequirementAnswer } from '../../core/requirements/answer';
import type { Judgement } from '../../core/requirements/post';
import type { Requirement } from '../../core/requirements/requirement';
import { mark } from '../../core/requirements/slats';
import type { PlaceInText } from '../../contract/reviews/placeInText';
import { Mark } from '../basics/Mark';
import { useMadeWords } from '../basics/useMadeWords';
import { LETTER } from '../railing/letters';
import { RequirementLine, useRequirementName } from '../railing/RequirementLine';
import type { ReviewProps } from './reviewProps';

interface EvidenceTrayProps {
  /** What else is to be looked at, below. */
  readonly children: ReactNode;
  readonly answer: Answer;
  readonly requirements: readonly Requirement[];
  readonly busy: boolean;
  readonly places: ReviewProps['places'];
  /** What counts one otherwise than the machine found. */
  readonly countOtherwise: (answer: RequirementAnswer, name: string) => ReactNode;
  /** Leads to a place in the text. */
  readonly onShow: (place: PlaceInText) => void;
  /** Begins a note on a requirement. */
  readonly onNote: (requirementId: string) => void;
  /** Says whether something that is looked for by eye is there. */
  readonly onJudge: (requirementId: string, judgement: Judgement | null) => void;
}

const JUDGEMENTS: readonly Judgement[] = ['yes', 'partly', 'no'];

/** The evidence for each requirement, as the server computed it at the hand-in. */
export function EvidenceTray({
  answer,
  requirements,
  places,
  busy,
  countOtherwise,
  onShow,
  onNote,
  onJudge,
  children,
}: EvidenceTrayProps) {
  const t = useTranslations('review');
  const nameOf = useRequirementName();
  return (
    <>
      <ul className="needs">
        {answer.requirements.map((one) => {
          const requirement = requirements.find((other) => other.id === one.id);
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
                {one.kind === 'judged' ? (
                  <span
                    role="group"
                    aria-label={t('lookFor.label', { name: nameOf(requirement) })}
                    className="mt-1 flex gap-2"
                  >
                    {JUDGEMENTS.map((judgement) => (
                      <button
                        key={judgement}
                        type="button"
                        className="btn !py-1"
                        disabled={busy}
                        aria-pressed={one.message.key === judgement}
                        onClick={() => onJudge(one.id, one.message.key === judgement ? null : judgement)}
                      >
                        {t(`lookFor.${judgement}`)}
                      </button>
                    ))}
                  </span>
                ) : null}
                {one.kind === 'judged' ? null : countOtherwise(one, nameOf(requirement))}
                <Places kind={one.kind} places={places[one.id] ?? []} onShow={onShow} />
                <button type="button" className="act mt-1 block" onClick={() => onNote(one.id)}>
                  {t('noteOnThis')} <span className="sr-only">{nameOf(requirement)}</span>
                </button>
              </span>
            </li>
          );
        })}
      </ul>
      <p className="mt-3 border-t border-line pt-2 text-[13.5px] text-ink-2">{t('asItStood')}</p>
      {children}
    </>
  );
}

interface PlacesProps extends Pick<EvidenceTrayProps, 'onShow'> {
  readonly kind: string;
  readonly places: readonly PlaceInText[];
}

/** Where what a requirement speaks of stands: each place is one press away. */
function Places({ kind, places, onShow }: PlacesProps) {
  const t = useTranslations('review');
  const made = useMadeWords('requirements');
  return places.map((place, index) => (
    <span key={index} className="mt-1 block">
      <button type="button" className="act !whitespace-normal text-start" onClick={() => onShow(place)}>
        {place.text.trim() || t('aPicture')}
      </button>{' '}
      <span className="block text-clay">{made(`${kind}.places.${place.reason}`)}</span>
    </span>
  ));
}

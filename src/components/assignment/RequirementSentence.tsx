'use client';

import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical } from 'lucide-react';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { RequirementAnswer } from '../../core/requirements/answer';
import type { Requirement } from '../../core/requirements/requirement';
import { slats } from '../../core/requirements/slats';
import { Pickets } from '../railing/Pickets';
import { isItsOwnWords, useRequirementName, useSentenceBeginning } from '../railing/RequirementLine';
import { CheckFill, NumberFill } from './forms/fields';
import { FORMS } from './forms/forms';
import { ofKind } from '../../core/requirements/ofKind';

interface RequirementSentenceProps {
  readonly requirement: Requirement;
  /** How it comes out on what it is tried on; null while that is not known. */
  readonly answer: RequirementAnswer | null;
  readonly classLabels: readonly string[];
  readonly number: number;
  readonly problem: string;
  /** Where it stands, for what leads there. */
  readonly at: string;
  /** Whether what it is worth can be changed now. */
  readonly isOpen: boolean;
  /** What else belongs to it and is no setting of its own. */
  readonly below?: ReactNode;
  readonly onOpen: () => void;
  readonly onChange: (requirement: Requirement) => void;
  readonly onRemove: () => void;
}

/** One requirement, edited in place as a sentence; the line of what it is worth opens with the one that is worked on. */
export function RequirementSentence(props: RequirementSentenceProps) {
  const { requirement, answer, isOpen, onChange } = props;
  const t = useTranslations('builder.requirement');
  const nameOf = useRequirementName();
  const beginningOf = useSentenceBeginning();
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id: requirement.id });
  const kind = ofKind(FORMS, requirement.kind);
  if (!kind) return null;
  const { Form } = kind;
  const name = nameOf({ kind: requirement.kind });
  const change = (settings: Readonly<Record<string, unknown>>) => {
    // A setting that is not asked for does not stand in the requirement at all.
    const asked = Object.entries({ ...requirement, ...settings }).filter(([, value]) => value !== undefined);
    onChange(Object.fromEntries(asked) as unknown as Requirement);
  };
  return (
    <li
      ref={setNodeRef}
      className={`sentence ${isOpen ? 'open' : ''} ${isDragging ? 'dragged' : ''}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      aria-label={name}
      data-at={props.at}
      onFocus={props.onOpen}
      onClick={props.onOpen}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        className="grip"
        {...attributes}
        {...listeners}
        aria-label={t('move', { name })}
      >
        <GripVertical aria-hidden="true" size={18} />
      </button>
      <span className="onebay" aria-hidden="true">
        {answer ? <Pickets slats={slats(answer, requirement.weight)} /> : null}
      </span>
      <div className="min-w-0 flex-1">
        <div className="flex items-baseline gap-4">
          <div className="said">
            <b>{beginningOf(requirement)}</b>
            <Form
              requirement={requirement}
              classLabels={props.classLabels}
              number={props.number}
              change={change}
            />
          </div>
          {isOpen ? null : <Worth requirement={requirement} />}
        </div>
        {isOpen ? <WorthLine {...props} name={name} change={change} /> : null}
        {/* Hidden, not gone: what somebody typed there waits for them. */}
        {props.below ? <div hidden={!isOpen}>{props.below}</div> : null}
        {props.problem ? (
          <p className="problem" role="alert">
            {props.problem}
          </p>
        ) : null}
      </div>
    </li>
  );
}

/** What it is worth, told at rest. */
function Worth({ requirement }: { readonly requirement: Requirement }) {
  const t = useTranslations('builder.requirement');
  if (requirement.weight === 'advice') return <span className="worth">{t('advice')}</span>;
  const points = requirement.points ?? 0;
  return (
    <span className={`worth ${requirement.weight === 'bonus' ? 'text-dusk' : ''}`}>
      <b>{t(requirement.weight === 'bonus' ? 'bonusPoints' : 'pointsTold', { points })}</b>
      {requirement.partial ? <span>, {t('partCounts')}</span> : null}
    </span>
  );
}

interface WorthLineProps extends RequirementSentenceProps {
  readonly name: string;
  readonly change: (settings: Readonly<Record<string, unknown>>) => void;
}

/** What it is worth and what it is called, to be changed, and taking it away. */
function WorthLine({ requirement, name, change, onRemove }: WorthLineProps) {
  const t = useTranslations('builder.requirement');
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 text-[14.5px]">
      <span>
        {t.rich('worth', {
          fill: () => (
            <NumberFill
              label={t('points', { name })}
              decimals
              value={requirement.weight === 'advice' ? undefined : requirement.points}
              onChange={(points) => change({ points })}
            />
          ),
        })}
      </span>
      <CheckFill
        checked={requirement.partial === true}
        onChange={(on) => change({ partial: on ? true : undefined })}
      >
        {t('partCounts')}
      </CheckFill>
      <select
        className="fill"
        aria-label={t('weight', { name })}
        value={requirement.weight}
        onChange={(event) => change({ weight: event.target.value })}
      >
        {(['required', 'bonus', 'advice'] as const).map((weight) => (
          <option key={weight} value={weight}>
            {t(weight)}
          </option>
        ))}
      </select>
      {isItsOwnWords(requirement.kind) ? null : (
        <input
          className="fill !w-44"
          aria-label={t('calledLabel', { name })}
          placeholder={t('called')}
          maxLength={120}
          value={requirement.text ?? ''}
          onChange={(event) => change({ text: event.target.value || undefined })}
        />
      )}
      <button
        type="button"
        className="act ml-auto"
        aria-label={t('removeName', { name })}
        // The row must not open itself again while it goes.
        onClick={(event) => {
          event.stopPropagation();
          onRemove();
        }}
      >
        {t('remove')}
      </button>
    </div>
  );
}

'use client';

import { ArrowDown, ArrowUp } from 'lucide-react';
import { useTranslations } from 'next-intl';
import type { Requirement } from '../../core/requirements/requirement';
import { useRequirementName } from '../railing/RequirementLine';
import { CheckFill, NumberFill } from './forms/fields';
import { FORMS } from './forms/forms';

interface RequirementSentenceProps {
  readonly requirement: Requirement;
  readonly classLabels: readonly string[];
  readonly number: number;
  readonly problem: string;
  readonly isFirst: boolean;
  readonly isLast: boolean;
  readonly onChange: (requirement: Requirement) => void;
  readonly onMove: (by: -1 | 1) => void;
  readonly onRemove: () => void;
}

/** One requirement, edited in place as a sentence. */
export function RequirementSentence(props: RequirementSentenceProps) {
  const { requirement, onChange } = props;
  const t = useTranslations('builder.requirement');
  const nameOf = useRequirementName();
  const kind = FORMS[requirement.kind];
  if (!kind) return null;
  const { Form, Icon } = kind;
  const name = nameOf({ kind: requirement.kind });
  const change = (settings: Readonly<Record<string, unknown>>) => {
    // A setting that is not asked for does not stand in the requirement at all.
    const asked = Object.entries({ ...requirement, ...settings }).filter(([, value]) => value !== undefined);
    onChange(Object.fromEntries(asked) as unknown as Requirement);
  };
  return (
    <li className="border-b border-line py-3" aria-label={name}>
      <div className="flex items-start gap-4">
        <span className="onebay mt-1" aria-hidden="true">
          <i className="grid place-items-center">
            <Icon size={18} className="!static !m-0 !h-[18px] !w-[18px]" />
          </i>
        </span>
        <div className="flex-1 leading-[2]">
          <b>{name}</b>{' '}
          <Form
            requirement={requirement}
            classLabels={props.classLabels}
            number={props.number}
            change={change}
          />
          <div className="flex flex-wrap items-center gap-x-3 gap-y-1 text-[14px]">
            <span>
              {t('worth')}{' '}
              <NumberFill
                label={t('points', { name })}
                decimals
                value={requirement.weight === 'advice' ? undefined : requirement.points}
                onChange={(points) => change({ points })}
              />{' '}
              {t('pointsWord')}
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
            <span className="ml-auto flex gap-3">
              <button
                type="button"
                className="act"
                disabled={props.isFirst}
                aria-label={t('up', { name })}
                onClick={() => props.onMove(-1)}
              >
                <ArrowUp aria-hidden="true" size={15} />
              </button>
              <button
                type="button"
                className="act"
                disabled={props.isLast}
                aria-label={t('down', { name })}
                onClick={() => props.onMove(1)}
              >
                <ArrowDown aria-hidden="true" size={15} />
              </button>
              <button
                type="button"
                className="act"
                aria-label={t('removeName', { name })}
                onClick={props.onRemove}
              >
                {t('remove')}
              </button>
            </span>
          </div>
          {props.problem ? (
            <p className="problem" role="alert">
              {props.problem}
            </p>
          ) : null}
        </div>
      </div>
    </li>
  );
}

/** Kinds whose sentence is the teacher's own words already. */
function isItsOwnWords(kind: string): boolean {
  return kind === 'judged' || kind === 'selfCheck';
}

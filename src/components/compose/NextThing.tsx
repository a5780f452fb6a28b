'use client';

import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { RequirementAnswer } from '../../core/requirements/answer';
import type { Slat } from '../../core/requirements/slats';
import { Pickets } from '../railing/Pickets';
import { RequirementLine } from '../railing/RequirementLine';
import type { Asked } from './NextPicture';

interface NextThingProps {
  readonly className: string;
  /** A picket for each requirement. */
  readonly slats: readonly Slat[];
  /** What is to be done next; null when nothing is. */
  readonly next: { readonly name: string; readonly answer: RequirementAnswer } | null;
  /** What can be done about it at once, asked as a question; null where its tray has to be raised. */
  readonly asked: Asked | null;
  /** What begins the next entry, where that is the next thing; else null. */
  readonly begin: ReactNode;
  readonly count: number;
  readonly allOpen: boolean;
  readonly onDo: (above: HTMLElement) => void;
  /** Null where there is nothing else to do first. */
  readonly onLater: (() => void) | null;
  readonly onAll: (above: HTMLElement) => void;
  /** Shows the bays beside each other; null where there is no room for them. */
  readonly onAllBays: (() => void) | null;
}

/** The next thing alone, under one picket for each requirement. */
export function NextThing({
  className,
  slats,
  next,
  asked,
  begin,
  count,
  allOpen,
  ...props
}: NextThingProps) {
  const t = useTranslations('railing');
  return (
    <div className={`next-thing ${className}`}>
      <Pickets slats={slats} />
      <p className="px-4 pt-2 text-[15px] font-bold leading-tight sm:font-read sm:text-[19px]">
        {asked ? asked.question : next ? t('next', { name: next.name }) : t('allDone')}
      </p>
      {next ? (
        <p className="hidden px-4 text-[14.5px] text-ink-2 sm:block">
          <RequirementLine answer={next.answer} />
        </p>
      ) : null}
      <p className="mx-4 my-2 flex flex-wrap items-center gap-x-5 gap-y-1">
        {asked?.answers}
        {begin}
        {next && props.onAllBays && !asked ? (
          <button type="button" className="btn !py-1.5" onClick={(event) => props.onDo(event.currentTarget)}>
            {t('doIt')}
          </button>
        ) : null}
        {next && props.onAllBays && props.onLater ? (
          <button type="button" className="act" onClick={props.onLater}>
            {t('later')}
          </button>
        ) : null}
        <button
          type="button"
          className="act sm:hidden"
          aria-expanded={allOpen}
          onClick={(event) => props.onAll(event.currentTarget)}
        >
          {allOpen ? t('lowerTray') : t('showAll', { count })}
        </button>
        {props.onAllBays ? (
          <button type="button" className="act ml-auto hidden sm:inline" onClick={props.onAllBays}>
            {t('allBaysShown')}
          </button>
        ) : null}
      </p>
    </div>
  );
}

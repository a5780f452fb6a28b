'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { addressesOf } from '../../contract/addresses';
import type { Step } from '../../core/assignments/growing';
import type { Requirement } from '../../core/requirements/requirement';
import { WhatItAsks } from '../assignment/forms/WhatItAsks';
import { useStepName } from '../assignment/Steps';
import { Mark } from '../basics/Mark';
import { useRequirementName } from '../railing/RequirementLine';

export interface BoardProps {
  readonly classId: string;
  readonly assignmentId: string;
  readonly className: string;
  readonly code: string;
  readonly title: string;
  readonly number: number;
  readonly task: string;
  readonly bays: readonly { readonly requirement: Requirement; readonly planks: number }[];
  readonly due: {
    /** How many days away; null where that is more than a week, or over. */
    readonly days: number | null;
    readonly day: string;
    readonly time: string;
    readonly past: boolean;
    /** What is due then of a post that grows. */
    readonly step: Step | null;
  } | null;
  readonly students: number;
  readonly handedIn: number;
}

/** More than that stand in two rows. */
const BAYS_IN_A_ROW = 8;
const MOST_PLANKS = 4;
/** Milliseconds after which the board looks how many are in. */
const LOOKS_AGAIN = 20_000;
/** So many pickets can be told apart from the last row. */
const MOST_PICKETS = 40;
/** So many characters of the task stand in large letters, and so many in smaller ones. */
const [SHORT_TASK, LONG_TASK] = [140, 300];

/** An assignment in front of the class, to be read from the last row: what to do, how to get in, until when, and how many are in. */
export function Board(props: BoardProps) {
  const { classId, assignmentId, className, code, title, number, task, bays, due } = props;
  const t = useTranslations('board');
  const nameOf = useRequirementName();
  const stepName = useStepName();
  const router = useRouter();
  const back = addressesOf(classId).assignment(assignmentId);
  useEffect(() => {
    const again = setInterval(() => {
      if (document.visibilityState === 'visible') router.refresh();
    }, LOOKS_AGAIN);
    return () => clearInterval(again);
  }, [router]);
  useEffect(() => {
    // The browser keeps the key for itself while it shows one page alone; pressed once more, it leads back.
    const leave = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && !document.fullscreenElement) router.push(back);
    };
    document.addEventListener('keydown', leave);
    return () => document.removeEventListener('keydown', leave);
  }, [router, back]);
  const rows = bays.length > BAYS_IN_A_ROW ? 2 : 1;
  return (
    <main className="blackboard" id="main">
      <header>
        <Mark id="house" />
        <b dir="auto">{className}</b>
        <span className="no-print">
          <button
            type="button"
            className="act"
            onClick={() => void document.documentElement.requestFullscreen()}
          >
            {t('fill')}
          </button>
          <Link className="act" href={back}>
            {t('leave')} <kbd className="key">Esc</kbd>
          </Link>
        </span>
      </header>
      <div className="ask">
        <div className="min-w-0">
          <h1 dir="auto">{title}</h1>
          <p
            className={
              task.length <= SHORT_TASK ? 'task' : task.length <= LONG_TASK ? 'task long' : 'task longest'
            }
            dir="auto"
          >
            {task}
          </p>
        </div>
        <div className="when">
          {due ? (
            <p>
              {due.past
                ? t('wasDue')
                : due.step && due.step.kind !== 'finish'
                  ? t('stepBy', { step: stepName(due.step) })
                  : due.days === null
                    ? t('due')
                    : t('dueIn', { days: due.days })}
              <b>{t('dayAndTime', { day: due.day, time: due.time })}</b>
            </p>
          ) : null}
          <p>
            {t('toSignIn')}
            <b className="code">{code}</b>
          </p>
        </div>
      </div>
      {bays.length > 0 ? (
        <ul
          className={rows === 2 ? 'big two' : 'big'}
          aria-label={t('needs')}
          style={{ gridTemplateColumns: `repeat(${Math.ceil(bays.length / rows)}, minmax(0, 1fr))` }}
        >
          {bays.map(({ requirement, planks }) => (
            <li key={requirement.id} className={requirement.weight === 'bonus' ? 'bonus' : ''}>
              <span className="planks" aria-hidden="true">
                {Array.from({ length: Math.min(MOST_PLANKS, Math.max(1, planks)) }, (_, index) => (
                  <i key={index} />
                ))}
              </span>
              <b dir="auto">{nameOf(requirement)}</b>
              <WhatItAsks requirement={requirement} number={number} />
            </li>
          ))}
        </ul>
      ) : null}
      <WhoIsIn {...props} />
    </main>
  );
}

/** How many are in and how many to come: a picket for each, and no name. */
function WhoIsIn({ handedIn, students }: BoardProps) {
  const t = useTranslations('board');
  const scale = Math.min(1, MOST_PICKETS / Math.max(1, students));
  const inNow = Math.min(handedIn, students);
  const pickets = Math.round(inNow * scale);
  const toCome = Math.round(students * scale) - pickets;
  return (
    <div className="yard" role="status">
      <p>
        {t('in', { handedIn: inNow, students })}
        <small>{t('toCome', { count: students - inNow })}</small>
      </p>
      <span aria-hidden="true">
        {Array.from({ length: pickets }, (_, index) => (
          <i key={index} />
        ))}
        {Array.from({ length: toCome }, (_, index) => (
          <i key={`to come ${index}`} className="gap" />
        ))}
      </span>
    </div>
  );
}

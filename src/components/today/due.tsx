import { useTranslations } from 'next-intl';
import type { Step } from '../../core/assignments/growing';
import type { Slat } from '../../core/requirements/slats';
import { useStepName } from '../assignment/Steps';
import { SmallRailing } from '../railing/SmallRailing';
import type { DayShown } from './WeekStrip';

/** An assignment as it stands today in one class. */
export interface AssignmentToday {
  readonly id: string;
  readonly title: string;
  readonly due: string | null;
  readonly dueDate: string | null;
  readonly past: boolean;
  /** What is due then of a post that grows. */
  readonly step: Step | null;
  readonly handedIn: number;
  readonly writing: number;
  readonly notBegun: readonly string[];
  readonly waiting: number;
  readonly again: number;
  readonly firstWaiting: string | null;
  readonly accepted: number;
  /** Accepted posts wait until the teacher opens the whole set. */
  readonly toOpen: number;
}

/** So many pickets can be told apart beside a line of text. */
const MOST_PICKETS = 60;

/** The class as a railing: a picket for each student; in one too large for that, for so many of a hundred. */
function classSlats({ handedIn, writing, notBegun }: AssignmentToday): Slat[] {
  const total = handedIn + writing + notBegun.length;
  const pickets = (students: number, slat: Slat): Slat[] => {
    const share = total <= MOST_PICKETS ? students : (students / total) * MOST_PICKETS;
    // One who stands apart from all the others is seen.
    return Array.from({ length: students === 0 ? 0 : Math.max(1, Math.round(share)) }, () => slat);
  };
  return [...pickets(handedIn, 'met'), ...pickets(writing, 'partly'), ...pickets(notBegun.length, 'gap')];
}

/** What is due on a day. */
export function dueOn(assignments: readonly AssignmentToday[], date: string): DayShown['events'] {
  return assignments
    .filter((assignment) => assignment.dueDate === date)
    .map((assignment) => ({ key: assignment.id, content: <DueEvent assignment={assignment} /> }));
}

function DueEvent({ assignment }: { readonly assignment: AssignmentToday }) {
  const t = useTranslations('today');
  const stepName = useStepName();
  const { step } = assignment;
  const total = assignment.handedIn + assignment.writing + assignment.notBegun.length;
  return (
    <>
      {step && step.kind !== 'finish'
        ? t('stepDue', { title: assignment.title, step: stepName(step), at: assignment.due ?? '' })
        : t(assignment.past ? 'wasDue' : 'isDue', { title: assignment.title, at: assignment.due ?? '' })}
      <span className="calm block text-ink-2">{t('areIn', { in: assignment.handedIn, of: total })}</span>
    </>
  );
}

/** How far a class is with an assignment: a picket for each student, and in figures. */
export function HowFar({ assignment }: { readonly assignment: AssignmentToday }) {
  const t = useTranslations('today');
  return (
    <span>
      <SmallRailing wide slats={classSlats(assignment)} />
      <span className="calm block">
        {t('standing', {
          in: assignment.handedIn,
          writing: assignment.writing,
          notBegun: assignment.notBegun.length,
        })}
      </span>
    </span>
  );
}

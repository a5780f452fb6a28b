import { countingAt, type Counting } from '../../../core/assignments/counting';
import {
  growingSteps,
  nextStep,
  stepStandings,
  type Step,
  type StepStanding,
} from '../../../core/assignments/growing';
import type { Place } from '../../../core/languages/languages';
import { momentInWords } from '../../../core/timing/inWords';
import { instantOf, localMinute } from '../../../core/timing/zonedTime';
import type { HandInRow } from '../../tables/handIns';
import type { AssignmentRow } from '../../tables/assignments';

/** A step with its time in words. */
export type Said<Of extends Step> = Of & { readonly when: string };

type Timed = Pick<AssignmentRow, 'growing' | 'dueAt'>;

/** What of that which is missing counts at the gate of an assignment now. */
export function countingIn(
  { growing, dueAt }: Timed,
  { timeZone }: Pick<Place, 'timeZone'>,
  now: Date,
): Counting {
  return countingAt(growing, localOrNull(dueAt, timeZone), localMinute(now.getTime(), timeZone));
}

/** The next thing of an assignment that is due: the next step of a post that grows, else the whole at its due time. */
export function nextDue(
  assignment: Timed,
  place: Place,
  now: Date,
): { readonly dueAt: Date | null; readonly step: Said<Step> | null } {
  const next = nextStep(stepsOf(assignment, place), localMinute(now.getTime(), place.timeZone));
  return {
    dueAt: next ? new Date(instantOf(next.by, place.timeZone)) : assignment.dueAt,
    step: next && said(next, place),
  };
}

/** How a growing post stands by its steps; none where the post does not grow. */
export function standingsIn(
  assignment: Timed,
  place: Place,
  handIns: readonly Pick<HandInRow, 'handedInAt' | 'evidence'>[],
  now: Date,
): readonly Said<StepStanding>[] {
  const at = handIns.map(({ handedInAt, evidence }) => ({
    at: localMinute(handedInAt.getTime(), place.timeZone),
    evidence,
  }));
  return stepStandings(stepsOf(assignment, place), at, localMinute(now.getTime(), place.timeZone)).map(
    (step) => said(step, place),
  );
}

function stepsOf({ growing, dueAt }: Timed, { timeZone }: Place): readonly Step[] {
  return growing ? growingSteps(growing, localOrNull(dueAt, timeZone)) : [];
}

function said<Of extends Step>(step: Of, { timeZone, language }: Place): Said<Of> {
  return { ...step, when: momentInWords(instantOf(step.by, timeZone), timeZone, language) };
}

function localOrNull(at: Date | null, timeZone: string): string | null {
  return at && localMinute(at.getTime(), timeZone);
}

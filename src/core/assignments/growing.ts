import { localMinuteSchema, maybeLocalMinuteSchema } from '../timing/localMinuteSchema';
import { addDays } from '../timing/zonedTime';
import type { Answer } from '../requirements/answer';
import type { Requirement } from '../requirements/requirement';

/** A number of entries that a growing post has by a time. */
export interface Milestone {
  /** Local to the class's time zone, `2026-07-01T16:00`. */
  readonly by: string;
  readonly entries: number;
}

/** How a post grows until the assignment's due time, by which it is finished. */
export interface Growing {
  /** Until when it is begun and handed in for the first time, however short; local; null where that is left open. */
  readonly startBy: string | null;
  /** In the order of their times. */
  readonly milestones: readonly Milestone[];
}

/** JSON Schema of how a post grows; null for one that is written once. */
export const growingSchema = {
  anyOf: [
    {
      type: 'object',
      required: ['startBy', 'milestones'],
      additionalProperties: false,
      properties: {
        startBy: maybeLocalMinuteSchema,
        milestones: {
          type: 'array',
          maxItems: 20,
          items: {
            type: 'object',
            required: ['by', 'entries'],
            additionalProperties: false,
            properties: { by: localMinuteSchema, entries: { type: 'integer', minimum: 1, maximum: 999 } },
          },
        },
      },
    },
    { type: 'null' },
  ],
} as const;

/** The same steps so many days later; for another class, whose finish is another. */
export function shiftedGrowing(growing: Growing, days: number): Growing {
  return movedGrowing(growing, (day) => addDays(day, days));
}

/** The same steps on other days, at the same time of day. */
export function movedGrowing({ startBy, milestones }: Growing, moved: (day: string) => string): Growing {
  const move = (at: string) => moved(at.slice(0, 10)) + at.slice(10);
  return {
    startBy: startBy && move(startBy),
    milestones: milestones.map((one) => ({ ...one, by: move(one.by) })),
  };
}

/** Something that is due in the life of a growing post. */
export interface Step {
  readonly kind: 'start' | 'milestone' | 'finish';
  /** Local to the class's time zone. */
  readonly by: string;
  /** Of a milestone; else 0. */
  readonly entries: number;
}

/** What is due of a growing post, one after the other. @param due its finish, local; null while that is open */
export function growingSteps({ startBy, milestones }: Growing, due: string | null): readonly Step[] {
  return [
    ...(startBy === null ? [] : [{ kind: 'start', by: startBy, entries: 0 } as const]),
    ...milestones.map(({ by, entries }) => ({ kind: 'milestone', by, entries }) as const),
    ...(due === null ? [] : [{ kind: 'finish', by: due, entries: 0 } as const]),
  ];
}

export type StepFault = 'order' | 'fewer' | 'noEntries';

/**
 * The first step that cannot stand: one that is not after the step before, a milestone that asks for no more than the
 * one before, or one where no requirement counts entries.
 * @returns the field, as `growing.milestones.0`, or null
 */
export function wrongStep(
  growing: Growing,
  { due, requirements }: { readonly due: string | null; readonly requirements: readonly Requirement[] },
): { readonly field: string; readonly fault: StepFault } | null {
  const { startBy, milestones } = growing;
  if (due !== null && startBy !== null && startBy >= due) return { field: 'growing.startBy', fault: 'order' };
  const countsEntries = requirements.some((one) => one.kind === 'entries');
  for (const [index, { by, entries }] of milestones.entries()) {
    const before = milestones[index - 1];
    const field = `growing.milestones.${index}`;
    if (!countsEntries) return { field, fault: 'noEntries' };
    const last = before?.by ?? startBy;
    if ((last !== null && by <= last) || (due !== null && by >= due)) return { field, fault: 'order' };
    if (before && entries <= before.entries) return { field, fault: 'fewer' };
  }
  return null;
}

/** A hand-in as far as steps ask for it. */
export interface HandInOfGrowing {
  /** Local to the class's time zone. */
  readonly at: string;
  readonly evidence: Answer;
}

/** How a post stands by a step: reached in time, not reached, or still to come. */
export interface StepStanding extends Step {
  readonly state: 'reached' | 'missed' | 'toCome';
  /** Complete entries of the last hand-in in time; null where there is none. */
  readonly had: number | null;
}

/**
 * How a growing post stands by each of its steps.
 * @param handIns oldest first
 * @param now local date and time to the minute
 */
export function stepStandings(
  steps: readonly Step[],
  handIns: readonly HandInOfGrowing[],
  now: string,
): readonly StepStanding[] {
  return steps.map((step) => {
    const last = handIns.findLast(({ at }) => at <= step.by);
    const had = last ? entriesIn(last.evidence) : null;
    const reached =
      last !== undefined &&
      (step.kind === 'start' ||
        (step.kind === 'milestone' && (had ?? 0) >= step.entries) ||
        (step.kind === 'finish' && last.evidence.ready));
    return { ...step, had, state: reached ? 'reached' : now > step.by ? 'missed' : 'toCome' };
  });
}

/** The most complete entries that a requirement counted. */
function entriesIn(evidence: Answer): number {
  return Math.max(
    0,
    ...evidence.requirements.filter((one) => one.kind === 'entries').map((one) => one.measured ?? 0),
  );
}

/** What is due next; null when everything is past. */
export function nextStep(steps: readonly Step[], now: string): Step | null {
  return steps.find(({ by }) => by >= now) ?? null;
}

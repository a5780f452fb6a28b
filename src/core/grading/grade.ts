import Big from 'big.js';
import { daysLate } from './daysLate';
import type { GradedCriterion, GradeInput, LateRule } from './gradeInput';

/** One line of how a grade was made; the interface turns it into words. Amounts are points. */
export type GradeLine =
  | { readonly kind: 'requirements'; readonly earned: number; readonly possible: number }
  | {
      readonly kind: 'criterion';
      readonly id: string;
      readonly level: number | null;
      readonly weight: number;
      readonly earned: number;
      readonly possible: number;
    }
  | { readonly kind: 'late'; readonly days: number; readonly amount: number; readonly worthNothing: boolean }
  | { readonly kind: 'bonus'; readonly amount: number; readonly capped: boolean }
  | { readonly kind: 'rounding'; readonly from: number; readonly step: number }
  | { readonly kind: 'override'; readonly grade: number; readonly reason: string };

export interface Grade {
  /** The teacher's own figure where there is one, else the computed one. */
  readonly grade: number;
  readonly computed: number;
  /** Without the bonus. */
  readonly possible: number;
  readonly provisional: boolean;
  readonly daysLate: number;
  readonly deduction: number;
  readonly bonus: number;
  readonly lines: readonly GradeLine[];
}

/**
 * `round(late(requirement points + rubric points) + bonus)`, never under 0, never over possible + bonus, in decimal
 * arithmetic.
 * @throws RangeError where a level or hand-in is named that there is not, or the extension lies before the due time
 */
export function grade(input: GradeInput): Grade {
  assertSound(input);
  const requirements = requirementPoints(input);
  const criteria = input.rubric.map(criterionLine);
  const earned = criteria.reduce((sum, line) => sum.plus(line.earned), requirements.earned);
  const possible = criteria.reduce((sum, line) => sum.plus(line.possible), requirements.possible);
  const bonus = bonusPoints(input);
  const late = lateness(input, earned, possible);
  const computed = computedGrade(input, { earned, possible, bonus: bonus.amount, late });
  const provisional =
    input.handIns.length === 0 ||
    input.rubric.some((criterion) => criterion.chosen === null) ||
    input.requirements.some((requirement) => requirement.unknown === true);
  return {
    grade: input.override ? input.override.grade : computed.figure.toNumber(),
    computed: computed.figure.toNumber(),
    possible: possible.toNumber(),
    provisional,
    daysLate: late.days,
    deduction: late.deduction.toNumber(),
    bonus: bonus.amount.toNumber(),
    lines: [
      {
        kind: 'requirements',
        earned: requirements.earned.toNumber(),
        possible: requirements.possible.toNumber(),
      },
      ...criteria,
      {
        kind: 'late',
        days: late.days,
        amount: late.deduction.toNumber(),
        worthNothing: late.worthNothing,
      },
      { kind: 'bonus', amount: bonus.amount.toNumber(), capped: bonus.capped },
      ...computed.lines,
      ...(input.override ? [{ kind: 'override' as const, ...input.override }] : []),
    ],
  };
}

function assertSound(input: GradeInput): void {
  for (const { id, levels, chosen } of input.rubric)
    if (chosen !== null && chosen >= levels.length)
      throw new RangeError(
        `rubric: criterion ${id} has no level ${chosen}, its levels are 0 to ${levels.length - 1}`,
      );
  if (input.handIns.length > 0 && (input.accepted ?? 0) >= input.handIns.length)
    throw new RangeError(
      `accepted: there is no hand-in ${input.accepted}, there are ${input.handIns.length}`,
    );
  if (input.extension && input.due && input.extension < input.due)
    throw new RangeError('extension: it lies before the due time, it should be later');
}

interface Points {
  readonly earned: Big;
  readonly possible: Big;
}

function requirementPoints(input: GradeInput): Points {
  const required = input.requirements.filter((requirement) => requirement.weight === 'required');
  return {
    earned: required.reduce((sum, requirement) => sum.plus(requirement.earned), Big(0)),
    possible: required.reduce((sum, requirement) => sum.plus(requirement.possible), Big(0)),
  };
}

function criterionLine(criterion: GradedCriterion) {
  const weight = criterion.weight ?? 1;
  const chosen = criterion.chosen === null ? 0 : (criterion.levels[criterion.chosen] ?? 0);
  return {
    kind: 'criterion' as const,
    id: criterion.id,
    level: criterion.chosen,
    weight,
    earned: Big(chosen).times(weight).toNumber(),
    possible: Big(Math.max(...criterion.levels))
      .times(weight)
      .toNumber(),
  };
}

function bonusPoints(input: GradeInput): { readonly amount: Big; readonly capped: boolean } {
  const earned = input.requirements
    .filter((requirement) => requirement.weight === 'bonus')
    .reduce((sum, requirement) => sum.plus(requirement.earned), Big(0));
  const capped = input.bonusCap !== undefined && input.bonusCap !== null && earned.gt(input.bonusCap);
  return { amount: capped ? Big(input.bonusCap ?? 0) : earned, capped };
}

interface Lateness {
  readonly days: number;
  readonly deduction: Big;
  /** Later than the last day on which the work is still taken. */
  readonly worthNothing: boolean;
}

const IN_TIME: Lateness = { days: 0, deduction: Big(0), worthNothing: false };

function lateness(input: GradeInput, earned: Big, possible: Big): Lateness {
  const rule = input.late;
  const due = input.extension ?? input.due;
  const handIn = countedHandIn(input, rule);
  if (!rule || rule.kind === 'none' || !due || handIn === null) return IN_TIME;
  const days = daysLate(Date.parse(handIn), due, input.timeZone, rule);
  if (days === 0) return IN_TIME;
  if (rule.lastDays !== undefined && rule.lastDays !== null && days > rule.lastDays)
    return { days, deduction: earned, worthNothing: true };
  const perDay = Big(rule.perDay ?? 0).times(days);
  const taken = rule.kind === 'points' ? perDay : earned.times(perDay).div(100);
  const floor = smaller(earned, possible.times(rule.floorPercent ?? 0).div(100));
  return { days, deduction: earned.minus(larger(earned.minus(taken), floor)), worthNothing: false };
}

function countedHandIn(input: GradeInput, rule: LateRule | null | undefined): string | null {
  const index = rule?.countFrom === 'accepted' ? (input.accepted ?? input.handIns.length - 1) : 0;
  return input.handIns[index] ?? null;
}

function computedGrade(
  input: GradeInput,
  { earned, possible, bonus, late }: Points & { readonly bonus: Big; readonly late: Lateness },
): { readonly figure: Big; readonly lines: readonly GradeLine[] } {
  if (input.handIns.length === 0 || late.worthNothing) return { figure: Big(0), lines: [] };
  const most = possible.plus(bonus);
  const exact = earned.minus(late.deduction).plus(bonus);
  // All that could be earned is never rounded away.
  if (earned.eq(possible) && late.deduction.eq(0)) return { figure: most, lines: [] };
  const step = input.rounding ?? 0.01;
  const rounded = Big(exact.div(step).round(0, Big.roundHalfUp)).times(step);
  const figure = larger(Big(0), smaller(most, rounded));
  const lines = figure.eq(exact) ? [] : [{ kind: 'rounding' as const, from: exact.toNumber(), step }];
  return { figure, lines };
}

function smaller(a: Big, b: Big): Big {
  return a.lt(b) ? a : b;
}

function larger(a: Big, b: Big): Big {
  return a.gt(b) ? a : b;
}

import { roundHalfUp } from '../text/round';
import type { Answer, RequirementAnswer, RequirementState } from './answer';
import type { Measurement } from './kind';
import type { PostToCheck } from './post';
import { findRequirementKind } from './registry';
import type { AssignmentToCheck, Requirement } from './requirement';

/** How far a post fulfils an assignment's requirements. The settings have been checked against `requirementSchema`. */
export function evaluate(assignment: AssignmentToCheck, post: PostToCheck): Answer {
  const requirements = assignment.requirements.map((requirement) =>
    evaluateOne(requirement, assignment, post),
  );
  return summarise(
    requirements,
    assignment.requirements.map((requirement) => requirement.weight),
  );
}

/** A whole answer from those of its requirements; `weights` stand in the same order. */
export function summarise(
  requirements: readonly RequirementAnswer[],
  weights: readonly Requirement['weight'][],
): Answer {
  const sums = { earned: 0, possible: 0, met: 0, of: 0, bonus: 0 };
  let [ready, provisional] = [true, false];
  for (const [index, { state, earned, possible }] of requirements.entries()) {
    if (state === 'unknown' && possible > 0) provisional = true;
    if (weights[index] === 'bonus') sums.bonus += earned;
    if (weights[index] !== 'required') continue;
    sums.of += 1;
    sums.earned += earned;
    sums.possible += possible;
    if (state === 'met') sums.met += 1;
    else if (state !== 'unknown') ready = false;
  }
  return {
    ready,
    required: { met: sums.met, of: sums.of },
    points: {
      earned: roundHalfUp(sums.earned, 4),
      possible: roundHalfUp(sums.possible, 4),
      bonus: roundHalfUp(sums.bonus, 4),
    },
    provisional,
    requirements,
  };
}

function evaluateOne(
  requirement: Requirement,
  assignment: AssignmentToCheck,
  post: PostToCheck,
): RequirementAnswer {
  const kind = findRequirementKind(requirement.kind);
  if (!kind) throw new RangeError(`no requirement kind is called ${requirement.kind}`);
  const seen = kind.seen?.(requirement, post, assignment) ?? null;
  const last = LAST.get(requirement) ?? NONE;
  if (seen)
    for (const one of last) if (one.assignment === assignment && isSame(one.seen, seen)) return one.answer;
  const answer = answerOf(requirement, kind.measure(requirement, post, assignment));
  // Places move with what is written before them.
  if (seen && answer.places.length === 0)
    LAST.set(requirement, [{ assignment, seen, answer }, ...last.slice(0, MOST_LAST - 1)]);
  return answer;
}

interface Answered {
  readonly assignment: AssignmentToCheck;
  readonly seen: readonly unknown[];
  readonly answer: RequirementAnswer;
}

/** The last answers for each requirement: while somebody types, most are the same after each key. */
const LAST = new WeakMap<Requirement, readonly Answered[]>();
/** So many posts may be written in turns. */
const MOST_LAST = 2;
const NONE: readonly Answered[] = [];

function isSame(one: readonly unknown[], other: readonly unknown[]): boolean {
  return one.length === other.length && one.every((thing, index) => thing === other[index]);
}

function answerOf(requirement: Requirement, measurement: Measurement): RequirementAnswer {
  const share = meanShare(measurement);
  const state = stateOf(measurement, share);
  const possible = requirement.weight === 'advice' ? 0 : (requirement.points ?? 0);
  return {
    id: requirement.id,
    kind: requirement.kind,
    state,
    reason: state === 'unknown' ? (measurement.unknown ?? null) : null,
    measured: measurement.measured,
    target: measurement.target,
    share: roundHalfUp(share, 4),
    earned: earnedOf(state, share, possible, requirement.partial === true),
    possible,
    message: measurement.message,
    places: measurement.places,
  };
}

/** The mean of the conditions' shares; where nothing is asked, nothing is missing. */
function meanShare({ conditions }: Measurement): number {
  if (conditions.length === 0) return 1;
  return conditions.reduce((sum, condition) => sum + condition.share, 0) / conditions.length;
}

function stateOf({ conditions, unknown }: Measurement, share: number): RequirementState {
  if (conditions.every((condition) => condition.share === 1)) return 'met';
  if (conditions.some((condition) => condition.over)) return 'over';
  if (unknown && conditions.every((condition) => condition.best === 1)) return 'unknown';
  return share > 0 ? 'partly' : 'unmet';
}

function earnedOf(state: RequirementState, share: number, possible: number, partial: boolean): number {
  if (state === 'unknown') return 0;
  if (state === 'met') return possible;
  return partial ? roundHalfUp(possible * share, 4) : 0;
}

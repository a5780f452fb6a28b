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
  const required = requirements.filter((_, index) => weights[index] === 'required');
  const bonus = requirements.filter((_, index) => weights[index] === 'bonus');
  const sum = (of: typeof required, field: 'earned' | 'possible') =>
    roundHalfUp(
      of.reduce((total, answer) => total + answer[field], 0),
      4,
    );
  return {
    ready: required.every(({ state }) => state === 'met' || state === 'unknown'),
    required: { met: required.filter(({ state }) => state === 'met').length, of: required.length },
    points: {
      earned: sum(required, 'earned'),
      possible: sum(required, 'possible'),
      bonus: sum(bonus, 'earned'),
    },
    provisional: requirements.some((answer) => answer.state === 'unknown' && answer.possible > 0),
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
  const measurement = kind.measure(requirement, post, assignment);
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

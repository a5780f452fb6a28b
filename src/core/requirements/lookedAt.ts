import type { Answer } from './answer';
import { summarise } from './evaluate';
import type { Requirement } from './requirement';
import { weightOf } from './slats';

/** Whether something of an answer waits for addresses to be looked at. */
export function waitsForNetwork(answer: Answer): boolean {
  return answer.requirements.some((one) => one.reason === 'network');
}

/**
 * An answer as it stands once its addresses were looked at: what waited for that is taken from `fresh`, all else stays
 * as it was when the post was handed in.
 */
export function lookedAt(answer: Answer, fresh: Answer, requirements: readonly Requirement[]): Answer {
  const freshById = new Map(fresh.requirements.map((one) => [one.id, one]));
  const answers = answer.requirements.map((one) =>
    one.reason === 'network' ? (freshById.get(one.id) ?? one) : one,
  );
  return summarise(
    answers,
    answers.map((one) => weightOf(requirements, one.id)),
  );
}

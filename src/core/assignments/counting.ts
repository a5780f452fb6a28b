import type { Answer, RequirementAnswer } from '../requirements/answer';
import type { Requirement } from '../requirements/requirement';
import type { Growing } from './growing';

/** What of that which is missing counts at the gate now. */
export type Counting =
  | { readonly what: 'everything' }
  | { readonly what: 'entries'; readonly entries: number }
  | { readonly what: 'nothing' };

const EVERYTHING: Counting = { what: 'everything' };

/**
 * What is missing counts on the day of a milestone, and from the day of the finish on; on all other days a growing post
 * may be handed in as it is, even nearly empty.
 * @param now local date and time to the minute
 */
export function countingAt(growing: Growing | null, due: string | null, now: string): Counting {
  const today = now.slice(0, 10);
  if (growing === null || due === null || today >= due.slice(0, 10)) return EVERYTHING;
  const milestone = growing.milestones.find(({ by }) => by.slice(0, 10) === today);
  return milestone ? { what: 'entries', entries: milestone.entries } : { what: 'nothing' };
}

/** The required requirements whose lack counts at the gate. What is not known yet never does. */
export function missingNow(
  answer: Answer,
  requirements: readonly Requirement[],
  counting: Counting = EVERYTHING,
): readonly RequirementAnswer[] {
  if (counting.what === 'nothing') return [];
  const weights = new Map(requirements.map((one) => [one.id, one.weight]));
  return answer.requirements.filter((one) =>
    counting.what === 'entries'
      ? one.kind === 'entries' && (one.measured ?? 0) < counting.entries
      : weights.get(one.id) === 'required' && one.state !== 'met' && one.state !== 'unknown',
  );
}

/** What an answer says of entries by itself, even where a milestone asks for more. */
const SAID_FIRST: ReadonlySet<string> = new Set(['incomplete', 'over']);

/**
 * An answer as a writer is told it: on the day of a milestone entries speak of the number that is due, wherever they are spoken
 * of, so that the bay, its tray, the gate and the receipt say one thing.
 */
export function toldOn(answer: Answer, counting: Counting): Answer {
  if (counting.what !== 'entries') return answer;
  const { entries } = counting;
  const requirements = answer.requirements.map((one) =>
    one.kind === 'entries' && (one.measured ?? 0) < entries ? dueOf(one, entries) : one,
  );
  return { ...answer, requirements };
}

function dueOf(answer: RequirementAnswer, entries: number): RequirementAnswer {
  const { message, state, share } = answer;
  const measured = answer.measured ?? 0;
  const met = state === 'met';
  const values = { ...message.values, entries, toGo: entries - measured, lack: 'dueToday' };
  return {
    ...answer,
    // What it asks by itself may be there already.
    ...(met ? { state: measured > 0 ? 'partly' : 'unmet', share: Math.min(share, measured / entries) } : {}),
    message: SAID_FIRST.has(message.key) ? message : { key: 'dueToday', values },
  };
}

import { emptyDocument } from '../document/openDocument';
import type { Answer, RequirementAnswer } from './answer';
import type { CountedRequirement } from './counted';
import { evaluate, summarise } from './evaluate';
import type { Judgement } from './post';
import type { AssignmentContext, Requirement } from './requirement';
import { weightOf } from './slats';

/** What is looked for by eye depends on nothing but what the eye said. */
const ANYWHERE: AssignmentContext = {
  number: 0,
  title: '',
  date: null,
  week: null,
  language: 'en',
  timeZone: 'UTC',
  classLabels: [],
  starters: [],
  outline: [],
};

/**
 * An answer as it stands once a teacher has said yes, partly or no. What the machine counted at the hand-in stays as it
 * was; only what is looked for by eye is measured again.
 * @param judged by the requirement's id
 */
export function rejudge(
  answer: Answer,
  requirements: readonly Requirement[],
  judged: Readonly<Record<string, Judgement>>,
): Answer {
  const answers = rejudged(answer.requirements, requirements, judged);
  return summarise(
    answers,
    answers.map((one) => weightOf(requirements, one.id)),
  );
}

/** The same for the answers to some requirements. */
export function rejudged<Of extends CountedRequirement>(
  answers: readonly Of[],
  requirements: readonly Requirement[],
  judged: Readonly<Record<string, Judgement>>,
): readonly (Of | RequirementAnswer)[] {
  const byId = new Map(requirements.map((one) => [one.id, one]));
  const post = { title: '', labels: [], body: emptyDocument(), judged };
  return answers.map((one) => {
    const requirement = one.kind === 'judged' ? byId.get(one.id) : undefined;
    if (!requirement) return one;
    return evaluate({ ...ANYWHERE, requirements: [requirement] }, post).requirements[0] ?? one;
  });
}

import { maybeLocalMinuteSchema } from '../timing/localMinuteSchema';

/** How the writers of an assignment read each other before they hand in. */
export interface PeerRule {
  /** How many read each other where it comes out even. */
  readonly size: 2 | 3;
  /** What every reader is asked, one to three. */
  readonly questions: readonly string[];
  /** Whether the writer reads who said it. */
  readonly named: boolean;
}

/** Texts are taken so many minutes after groups are made: until then each may be changed. */
const MINUTES_TO_CHANGE = 5;
export const TO_CHANGE = MINUTES_TO_CHANGE * 60_000;

export const LONGEST_QUESTION = 200;
export const MOST_QUESTIONS = 3;
/** Of a note or an answer. */
export const LONGEST_WORDS = 1000;

/** JSON Schema of what a reader's words are kept under: of an answer the place of its question, of a note a name drawn by the page. */
export const wordsNameSchema = { type: 'string', pattern: '^([0-2]|[0-9a-z]{16})$' } as const;

/** JSON Schemas of the fields of a rule, with when texts are taken: local, or null where a teacher makes groups by hand. */
export const peerRuleFields = {
  size: { enum: [2, 3] },
  questions: {
    type: 'array',
    maxItems: MOST_QUESTIONS,
    items: { type: 'string', maxLength: LONGEST_QUESTION },
  },
  named: { type: 'boolean' },
  at: maybeLocalMinuteSchema,
} as const;

/** What readers are asked: the questions that were filled in, as many as there may be. */
export function questionsAsked(typed: readonly string[]): readonly string[] {
  return typed
    .map((question) => question.trim())
    .filter((question) => question !== '')
    .slice(0, MOST_QUESTIONS);
}

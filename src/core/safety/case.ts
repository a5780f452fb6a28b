import type { Audience } from '../access/audience';

/** What a worry can be about: a published post, a hand-in, a classmate’s draft that was read, something said under a post, a teacher's note, an answer to one. */
export const WORRY_KINDS = ['post', 'handIn', 'peerText', 'comment', 'note', 'answer'] as const;
export type WorryKind = (typeof WORRY_KINDS)[number];

/** What somebody who told is to their class; a visitor is signed in nowhere, a stranger belongs to another class or to none. */
export type Teller = 'visitor' | 'stranger' | 'reader' | 'student' | 'teacher';

/** Who could read the words when somebody told, as figures: the names of a class would outlive the class. */
export interface CouldRead {
  readonly audience: Audience;
  /** Others of the class who write, besides who wrote it. */
  readonly students: number;
  readonly teachers: number;
  /** Whether student editors read hand-ins, where it is one. */
  readonly editors: boolean;
  /** How many classmates read it as a draft, where it is one; who told is one of them. */
  readonly peers: number;
}

export const COULD_READ_SCHEMA = {
  type: 'object',
  required: ['audience', 'students', 'teachers', 'editors', 'peers'],
  additionalProperties: false,
  properties: {
    audience: { enum: ['writerAndTeachers', 'ourClass', 'passphrase', 'everyone'] },
    students: { type: 'integer', minimum: 0 },
    teachers: { type: 'integer', minimum: 0 },
    editors: { type: 'boolean' },
    peers: { type: 'integer', minimum: 0 },
  },
} as const;

/** What was decided about the words: they are back before their readers, or stay away from them. */
export const WORDS_DECISIONS = ['back', 'away'] as const;
export type WordsDecision = (typeof WORDS_DECISIONS)[number];

/** Whether words of this kind stand before anybody besides who wrote them, who got them, and who teaches. */
export function standsBeforeOthers(kind: WorryKind): boolean {
  return kind !== 'note' && kind !== 'answer';
}

/** How a case stands. */
export interface CaseStanding {
  readonly kind: WorryKind;
  /** Whether who told can be answered: they have an account. */
  readonly answerable: boolean;
  readonly decision: WordsDecision | null;
  readonly answered: boolean;
}

/** Whether nothing is left to do: the words are decided about where they stand before others, and who told has an answer. */
export function isSettled({ kind, answerable, decision, answered }: CaseStanding): boolean {
  return (decision !== null || !standsBeforeOthers(kind)) && (answered || !answerable);
}

/** What happened to a case, in its own log. */
export type CaseEvent = 'opened' | 'step' | 'wordsBack' | 'wordsAway' | 'answered' | 'teacherPutBack';

/** The longest answer to who told, step that is written down, and line about other help, in characters. */
export const LONGEST_ANSWER = 4000;
export const LONGEST_STEP = 1000;
export const LONGEST_HELP = 500;

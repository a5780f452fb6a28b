import type { Action } from '../core/access/table';
import { idSchema } from './idSchema';
import { inputOf, type Fields, type InputFrom } from './input';

/** What a deed may act on, and the fields of its input that name it. */
const NAMED = {
  install: {},
  class: { classId: idSchema },
  assignment: { assignmentId: idSchema },
  page: { pageId: idSchema },
  post: { postId: idSchema },
  /** The latest hand-in of a post: the one that the teacher has before the eyes. */
  handIn: { postId: idSchema, handInId: idSchema },
  comment: { commentId: idSchema },
  /** What a classmate reads of a draft before it is handed in. */
  peerReading: { readingId: idSchema },
  /** A worry that was told, for those who look after it. */
  case: { caseId: idSchema },
  /** What holds for everybody, by somebody whom the school named. */
  school: {},
  /** What is not there yet and belongs to nobody's class. */
  nothing: {},
} as const;

export type ActsOn = keyof typeof NAMED;

/**
 * One thing that a person can do, as browser and server say it to each other: pure, and the same on both sides. What does it stands
 * in `server`, under the same name.
 */
export interface Deed<Input, Output, On extends ActsOn = ActsOn> {
  readonly name: string;
  readonly on: On;
  /** What is asked of the access table. */
  readonly action: Action;
  /** JSON Schema of the input. */
  readonly input: object;
  /** True for what only looks: it leaves no line in the log. */
  readonly looksOnly?: boolean;
  /**
   * True for what changes something and leaves no line in the log all the same: it is done every few seconds, or stands in a log
   * of its own.
   */
  readonly unlogged?: boolean;
  /** True for what can be done in a class that was put to rest. */
  readonly whileResting?: boolean;
  /** True for what can be done to a class that is to be deleted. */
  readonly whileDeleted?: boolean;
  /** True for what only looks and takes long: it is done outside a transaction, so that it holds nothing up. */
  readonly outside?: boolean;
  /** Never there: what goes in and comes out, for the compiler. */
  readonly types?: { readonly input: Input; readonly output: Output };
}

/** No fields but those that name what is acted on. */
type Nothing = { readonly [Key in never]: object };

type DeedInput<On extends ActsOn, Given extends Fields, Optional extends string> = {
  readonly [Key in keyof (typeof NAMED)[On]]: string;
} & InputFrom<Given, Optional>;

interface Spec<On extends ActsOn, Given extends Fields, Optional extends string> extends Pick<
  Deed<unknown, unknown>,
  'name' | 'action' | 'looksOnly' | 'unlogged' | 'whileResting' | 'whileDeleted' | 'outside'
> {
  readonly on: On;
  /** JSON Schemas of the fields besides what names the thing acted on; all of them are required unless `optional` names them. */
  readonly fields?: Given;
  readonly optional?: readonly Optional[];
}

/**
 * Declares a deed. What comes of it is said by `answers`, since no schema says it:
 * `deed({ name: 'handIn', on: 'post', … }).answers<{ readonly receipt: number }>()`.
 */
export function deed<
  const On extends ActsOn,
  const Given extends Fields = Nothing,
  const Optional extends keyof Given & string = never,
>({ fields, optional = [], ...spec }: Spec<On, Given, Optional>) {
  const input = inputOf({ ...NAMED[spec.on], ...fields }, optional);
  return {
    answers: <Output>(): Deed<DeedInput<On, Given, Optional>, Output, On> => ({ ...spec, input }),
  };
}

import type { Slat } from '../requirements/slats';
import {
  HOLD_REASONS,
  whyHeld,
  type CommentToHold,
  type Held,
  type HoldReason,
  type HoldSettings,
} from './hold';

/** What a class lets through under its posts before somebody has read it. */
export interface CommentRules extends HoldSettings {
  /** Whether everything waits, whatever it says. */
  readonly holdsAll: boolean;
}

export const FIRST_COMMENT_RULES: CommentRules = { holdsAll: false, maxLinks: 0, words: [] };

/** JSON Schemas of the fields. */
export const commentRulesFields = {
  holdsAll: { type: 'boolean' },
  maxLinks: { type: 'integer', minimum: 0, maximum: 10 },
  words: { type: 'array', maxItems: 300, items: { type: 'string', minLength: 1, maxLength: 60 } },
} as const;

/** Whether a comment is before the readers of its post, waits until somebody has read it, or was kept back. */
export type CommentState = 'shown' | 'waits' | 'keptBack';

/** Why a comment waits: `all` where the class holds everything. */
export type WaitReason = HoldReason | 'all';

/** The same as `Held`, with the class's own reason. */
export interface Waiting extends Omit<Held, 'reason'> {
  readonly reason: WaitReason;
}

/** JSON Schema of why a comment waits. */
export const waitingSchema = {
  type: 'array',
  items: {
    type: 'object',
    required: ['reason', 'places'],
    properties: {
      reason: { enum: ['all', ...HOLD_REASONS] },
      places: {
        type: 'array',
        items: {
          type: 'object',
          required: ['from', 'to'],
          properties: { from: { type: 'integer' }, to: { type: 'integer' } },
        },
      },
    },
  },
} as const;

/** Why a comment waits in its class, the class's own rule first; for nothing where it is shown at once. */
export function whyWaits(comment: Omit<CommentToHold, 'settings'>, rules: CommentRules): readonly Waiting[] {
  return [
    ...(rules.holdsAll ? [{ reason: 'all' as const, places: [] }] : []),
    ...whyHeld({ ...comment, settings: rules }),
  ];
}

/** What makes comments wait, as a class is told, with the reasons that belong together. */
const WAITING = {
  links: ['links'],
  personal: ['personal'],
  words: ['word'],
  hurry: ['repeated', 'fast', 'shouting'],
} as const satisfies Readonly<Record<string, readonly WaitReason[]>>;
export type WaitKind = keyof typeof WAITING;
export const WAIT_KINDS = Object.keys(WAITING) as readonly WaitKind[];

/** So many of what came are shown. */
const MOST_SHOWN = 12;
const SLAT = { shown: 'met', keptBack: 'gap', waits: 'waits' } as const satisfies Readonly<
  Record<CommentState, Slat>
>;

/** The comments that were to wait for one kind of reason, a picket for each of the latest, in the order in which they came. */
export function slatsOfKind(
  kind: WaitKind,
  came: readonly { readonly state: CommentState; readonly reasons: readonly Waiting[] }[],
): readonly Slat[] {
  const kinds: readonly WaitReason[] = WAITING[kind];
  return came
    .filter(({ reasons }) => reasons.some(({ reason }) => kinds.includes(reason)))
    .slice(-MOST_SHOWN)
    .map(({ state }) => SLAT[state]);
}

/** Reasons that student editors do not look at: whoever wrote from outside, and what nobody should read who need not. */
const FOR_TEACHERS: readonly WaitReason[] = ['outside', 'personal'];

/** Whether teachers alone decide about what waits for some reasons. */
export function isForTeachers(waiting: readonly Waiting[]): boolean {
  return waiting.some(({ reason }) => FOR_TEACHERS.includes(reason));
}

/** Why a comment was kept back, as who tends it chooses and who wrote it reads. */
export const KEPT_BACK_FOR = ['unkind', 'personal', 'offTopic', 'advert', 'other'] as const;
export type KeptBackFor = (typeof KEPT_BACK_FOR)[number];

/** A piece of a comment; `marked` where a reason to wait is. */
export interface Piece {
  readonly text: string;
  readonly marked: boolean;
}

/** The pieces of a comment in their order, those that are why it waits marked; what is marked twice is so once. */
export function piecesOf(text: string, waiting: readonly Waiting[]): readonly Piece[] {
  const pieces: Piece[] = [];
  let at = 0;
  const places = waiting.flatMap((one) => one.places).toSorted((one, other) => one.from - other.from);
  for (const { from, to } of places) {
    if (to <= at) continue;
    const begins = Math.max(from, at);
    if (begins > at) pieces.push({ text: text.slice(at, begins), marked: false });
    pieces.push({ text: text.slice(begins, to), marked: true });
    at = to;
  }
  if (at < text.length) pieces.push({ text: text.slice(at), marked: false });
  return pieces;
}

import type { Audience } from '../access/audience';
import type { Closed } from '../privacy/readersNow';
import { maybeNextStage, type Stage } from './stage';

/** What can be done with several posts of one assignment at once, or with those who have not written one. */
export const SET_DEEDS = [
  'giveBack',
  'open',
  'moreTime',
  'excuse',
  'takePart',
  'remind',
  'sendBack',
] as const;
export type SetDeed = (typeof SET_DEEDS)[number];

/** A student in the set of an assignment, as far as a deed goes by it. */
export interface InSet {
  readonly left: boolean;
  /** Whether a number stands for the name: then nothing is done that names its student. */
  readonly hidden: boolean;
  readonly excused: boolean;
  /** Until which day they are away, in words; null where they are there. */
  readonly awayUntil: string | null;
  /** Whether it is read a second time, and no figure stands yet that may be given back. */
  readonly readTwice: boolean;
  /** Null while nothing was handed in. */
  readonly handInId: string | null;
  readonly state: 'notBegun' | Stage;
  readonly figure: {
    /** Whether something is still to be judged, and no figure of the teacher's own stands. */
    readonly provisional: boolean;
    readonly grade: number;
    /** As it was given back; null where it was not. */
    readonly givenBack: number | null;
  } | null;
  readonly published: Audience | null;
  /** Why it cannot be given to an audience; those that it can are not named. */
  readonly closed: Readonly<Partial<Record<Audience, Closed>>>;
}

/** Why a deed does not reach somebody. */
export type NotReached =
  | 'left'
  | 'excused'
  | 'notExcused'
  | 'nothingHandedIn'
  | 'toJudge'
  | 'givenBack'
  | 'needsReason'
  | 'notAccepted'
  | 'opened'
  | 'closed'
  | 'handedIn'
  | 'accepted'
  | 'sentBack'
  | 'noDue'
  | 'away'
  | 'hidden'
  | 'readTwice';

interface Asked {
  /** To whom posts are to be opened. */
  readonly audience: Audience;
  readonly hasDue: boolean;
}

/** Why a deed does not reach somebody in a set; null where it does. What the server refuses is told besides. */
export function notReached(deed: SetDeed, one: InSet, { audience, hasDue }: Asked): NotReached | null {
  const { state, figure } = one;
  if (deed === 'giveBack') {
    if (one.readTwice) return 'readTwice';
    if (one.handInId === null || !figure) return 'nothingHandedIn';
    if (figure.provisional) return 'toJudge';
    if (figure.givenBack === null) return null;
    return figure.givenBack === figure.grade ? 'givenBack' : 'needsReason';
  }
  if (deed === 'open') {
    if (one.handInId === null) return 'nothingHandedIn';
    if (state !== 'accepted') return 'notAccepted';
    if (audience === 'writerAndTeachers') return 'closed';
    if (one.published === audience) return 'opened';
    return one.closed[audience] === undefined ? null : 'closed';
  }
  if (deed === 'sendBack') {
    if (one.handInId === null || state === 'notBegun' || state === 'draft') return 'nothingHandedIn';
    if (state === 'sentBack') return 'sentBack';
    return maybeNextStage(state, 'sendBack') ? null : 'accepted';
  }
  if (one.hidden) return 'hidden';
  if (one.left) return 'left';
  if (deed === 'takePart') return one.excused ? null : 'notExcused';
  if (one.excused) return 'excused';
  if (state === 'accepted') return 'accepted';
  if (deed === 'moreTime') return hasDue ? null : 'noDue';
  if (state === 'handedIn') return 'handedIn';
  return one.awayUntil === null ? null : 'away';
}

import { audiencesUpTo, goesBeyondClass, narrower, type Audience } from '../access/audience';
import { widestWith, type Lack, type Outside } from './consent';

/** Before whom a post stands now, and what keeps it from readers to whom it was published. */
export interface ReadersNow {
  readonly to: Audience;
  /** Null where nothing does. */
  readonly heldBack: 'ceiling' | 'worry' | Lack | null;
}

/**
 * Before whom a post stands now: the ceiling may have come down since it was published, a consent have run out, and somebody have
 * told a worry about it. What holds it back furthest is named; where ceiling and consent do as far, consent: it is about this one
 * writer.
 */
export function readersNow(
  published: Audience,
  {
    ceiling,
    outside,
    away,
  }: {
    readonly ceiling: Audience;
    readonly outside: Outside;
    /** Whether a worry keeps it from everybody but its writer and the teachers. */
    readonly away: boolean;
  },
): ReadersNow {
  if (away && published !== 'writerAndTeachers') return { to: 'writerAndTeachers', heldBack: 'worry' };
  const withConsent = narrower(published, widestWith(outside.appears));
  const to = narrower(withConsent, ceiling);
  if (to === published) return { to, heldBack: null };
  return { to, heldBack: to === withConsent && outside.lacks ? outside.lacks : 'ceiling' };
}

/** Why a teacher cannot give a post to an audience. */
export type Closed = 'ceiling' | 'wish' | 'notAccepted' | Lack;

/** What decides to whom a teacher can give a post. */
export interface ReadersFacts {
  readonly ceiling: Audience;
  /** The narrower audience that its writer asked for; a teacher does not go over that. */
  readonly wished: Audience | null;
  readonly outside: Outside;
  /** Whether the latest hand-in was accepted. */
  readonly accepted: boolean;
  /** Before whom an accepted revision stands; null while there is none. Narrowing that is possible whatever came since. */
  readonly published: Audience | null;
}

/** Why a post cannot be given to an audience now, or null where it can. */
export function closedTo(audience: Audience, facts: ReadersFacts): Closed | null {
  const { ceiling, wished, outside, accepted, published } = facts;
  if (audience === 'writerAndTeachers') return null;
  if (!audiencesUpTo(ceiling).includes(audience)) return 'ceiling';
  if (wished !== null && !audiencesUpTo(wished).includes(audience)) return 'wish';
  if (goesBeyondClass(audience) && outside.lacks) return outside.lacks;
  const narrows = published !== null && audiencesUpTo(published).includes(audience);
  return accepted || narrows ? null : 'notAccepted';
}

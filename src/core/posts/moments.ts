import { localDate } from '../timing/zonedTime';

/** A revision as a moment in the life of a post. */
export interface Moment {
  readonly id: string;
  readonly kind: 'saved' | 'branch' | 'handIn';
  readonly createdAt: Date;
}

export type NamedMoment = Moment & {
  /** What a writer remembers it by: where it began, a hand-in with its number, a day's last, one from elsewhere. */
  readonly name: 'began' | 'handIn' | 'day' | 'branch' | 'between';
  /** Of a hand-in, from 1; else 0. */
  readonly ordinal: number;
};

/**
 * Names the moments of a post, which come oldest first: a writer looks for a day or a hand-in, not for the
 * seventeenth copy. The last one of a day stands for it; the others are `between`.
 * @param timeZone in which days are told apart
 */
export function nameMoments(moments: readonly Moment[], timeZone: string): readonly NamedMoment[] {
  const day = (moment: Moment) => localDate(moment.createdAt.getTime(), timeZone);
  const drafts = moments.filter((moment) => moment.kind === 'saved');
  const lastOfDay = new Map(drafts.map((moment) => [day(moment), moment.id]));
  let handIns = 0;
  return moments.map((moment) => {
    if (moment.kind === 'handIn') return { ...moment, name: 'handIn', ordinal: (handIns += 1) };
    if (moment.kind === 'branch') return { ...moment, name: 'branch', ordinal: 0 };
    if (moment.id === drafts[0]?.id) return { ...moment, name: 'began', ordinal: 0 };
    return { ...moment, name: lastOfDay.get(day(moment)) === moment.id ? 'day' : 'between', ordinal: 0 };
  });
}

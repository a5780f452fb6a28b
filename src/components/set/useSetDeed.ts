'use client';

import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { excuseStudents } from '../../contract/assignments/excuseStudents';
import { giveMoreTime } from '../../contract/assignments/giveMoreTime';
import { remindStudents } from '../../contract/assignments/remindStudents';
import { planOpening } from '../../contract/publications/planOpening';
import { publish } from '../../contract/publications/publish';
import { giveBackGrade } from '../../contract/reviews/giveBackGrade';
import { sendBack } from '../../contract/reviews/sendBack';
import type { Audience } from '../../core/access/audience';
import type { SetDeed } from '../../core/posts/setDeeds';
import { call, type Outcome } from '../basics/call';
import { useRefusal } from '../basics/useRefusal';
import type { SetRowShown } from './setProps';

/** What is said along with a deed on several. */
export interface SaidAlong {
  readonly audience: Audience;
  /** Local to the class's time zone; empty for none. */
  readonly until: string;
  readonly words: string;
}

/** How far a deed on several is. */
export interface SetProgress {
  readonly deed: SetDeed;
  readonly done: number;
  readonly of: number;
  /** Those that could not be done, each with why. */
  readonly failed: readonly { readonly name: string; readonly why: string }[];
  readonly running: boolean;
}

/**
 * Does something with several of a set: post by post, so that one which cannot be done holds up no other and what is done stays done
 * whenever it is stopped; what is asked of students is one act.
 */
export function useSetDeed(assignmentId: string) {
  const router = useRouter();
  const refusal = useRefusal();
  const [progress, setProgress] = useState<SetProgress | null>(null);
  const going = useRef<AbortController | null>(null);

  const run = async (deed: SetDeed, rows: readonly SetRowShown[], said: SaidAlong): Promise<void> => {
    const { signal } = (going.current = new AbortController());
    let now: SetProgress = { deed, done: 0, of: rows.length, failed: [], running: true };
    const told = (more: Partial<SetProgress>) => {
      now = { ...now, ...more };
      setProgress(now);
    };
    told({});
    const personIds = rows.map(({ key }) => key);
    const together = askedTogether(deed, { assignmentId, personIds }, said);
    if (together) {
      const outcome = await together;
      if (outcome.ok) told({ done: rows.length });
      else told({ failed: rows.map(({ name }) => ({ name, why: refusal(outcome) })) });
    } else
      for (const row of rows) {
        if (signal.aborted) break;
        const outcome = await onePost(deed, row, said);
        if (outcome.ok) told({ done: now.done + 1 });
        else told({ failed: [...now.failed, { name: row.name, why: refusal(outcome) }] });
      }
    told({ running: false });
    router.refresh();
  };

  return {
    progress,
    run,
    stop: () => going.current?.abort(),
    forget: () => setProgress(null),
  };
}

/** What is asked of students, all in one; null for what is done post by post. */
function askedTogether(
  deed: SetDeed,
  named: { readonly assignmentId: string; readonly personIds: readonly string[] },
  { until, words }: SaidAlong,
): Promise<Outcome<unknown>> | null {
  const whom = { ...named, personIds: [...named.personIds] };
  if (deed === 'moreTime') return call(giveMoreTime, { ...whom, due: until });
  if (deed === 'excuse' || deed === 'takePart')
    return call(excuseStudents, { ...whom, excused: deed === 'excuse' });
  if (deed === 'remind') return call(remindStudents, { ...whom, words });
  return null;
}

function onePost(
  deed: SetDeed,
  { postId, handInId }: SetRowShown,
  { audience, until, words }: SaidAlong,
): Promise<Outcome<unknown>> {
  const named = { postId: postId ?? '', handInId: handInId ?? '' };
  if (deed === 'giveBack') return call(giveBackGrade, named);
  if (deed === 'sendBack') return call(sendBack, { ...named, first: words, until: until || null });
  const opening = { postId: named.postId, audience };
  return until ? call(planOpening, { ...opening, at: until }) : call(publish, opening);
}

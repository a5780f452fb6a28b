import { perform } from '../../ground/access/perform';
import type { Result } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { findDecisionSince } from '../../tables/decisions';
import {
  beginPending,
  deletePending,
  findPending,
  markPendingRefused,
  type PendingRow,
} from '../../tables/pendingDecisions';
import { accept } from '../reviews/accept';
import { sendBack } from '../reviews/sendBack';

/**
 * Carries out what was decided once it counts, as whoever decided it: all is asked again, since who teaches, ceiling and consent may
 * be others now. What is refused stays with why, for that teacher to see. What was undone, or decided anew, is left alone.
 */
export async function carryOut({ postId }: { readonly postId: string }, _: string, now: Date): Promise<void> {
  if (!(await beginPending(database, postId, now))) return;
  const pending = await findPending(database, postId);
  if (!pending) return;
  const { handInId, by, decidedAt, countsFrom, decision } = pending;
  const meanwhile = await findDecisionSince(database, handInId, decidedAt);
  // Somebody else decided, or a process did this and was ended before it said so.
  if (meanwhile !== null) {
    if (meanwhile === (decision === 'accept' ? 'accepted' : 'sentBack'))
      await deletePending(database, postId);
    else await markPendingRefused(database, postId, 'post.cannotFollow');
    return;
  }
  // It counts from then, however late the job comes to it.
  const asker = { personId: by, now: countsFrom };
  const result = await carriedOut(pending, asker).catch(async (error: unknown) => {
    // It lies on the pile again, and says why.
    await markPendingRefused(database, postId, 'unexpected');
    throw error;
  });
  if (result.ok) await deletePending(database, postId);
  else await markPendingRefused(database, postId, result.code);
}

async function carriedOut(
  { postId, handInId, ...made }: PendingRow,
  asker: { readonly personId: string; readonly now: Date },
): Promise<Result<unknown>> {
  const named = { postId, handInId };
  return made.decision === 'accept'
    ? perform(accept, { ...named, ...made.more }, asker)
    : perform(sendBack, { ...named, ...made.more }, asker);
}

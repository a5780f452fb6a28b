import { decide as deed } from '../../../contract/reviews/decide';
import { teacherName } from '../../../core/people/names';
import { done, refused } from '../../ground/access/useCase';
import { insertJob } from '../../ground/jobs/queries';
import { getSettings } from '../../ground/settings/settings';
import { findPending, upsertPending, type PendingDecision } from '../../tables/pendingDecisions';
import { findPerson } from '../../tables/people';
import { handInUseCase } from '../subjects/handInUseCase';
import { lookBeforeAccepting, mayAccept } from './accept';
import { maySendBack } from './sendBack';

export const decide = handInUseCase(deed, {
  turn: true,
  decides: true,
  prepare: ({ decision }, facts, { database, personId }) =>
    decision === 'accept' ? lookBeforeAccepting(database, facts, personId) : Promise.resolve(done(null)),
  async run(
    { decision, details = [], opensAt = null, until = null, first = '' },
    facts,
    { database, personId: by, now: decidedAt },
    ahead,
  ) {
    const may =
      decision === 'accept'
        ? await mayAccept(database, facts, { seen: details, ahead, opensAt, now: decidedAt })
        : maySendBack(facts, { until, now: decidedAt });
    if (!may.ok) return may;
    const { post, latest } = facts;
    const pending = await findPending(database, post.id);
    if (pending?.refused === null && pending.by !== by) {
      const other = await findPerson(database, pending.by);
      return refused('review.justDecided', undefined, { name: other ? teacherName(other) : '' });
    }
    const countsIn = getSettings().undoSeconds * 1000;
    const countsFrom = new Date(decidedAt.getTime() + countsIn);
    const made: PendingDecision =
      decision === 'accept' ? { decision, more: { details, opensAt } } : { decision, more: { until, first } };
    await upsertPending(database, {
      ...made,
      postId: post.id,
      handInId: latest.id,
      by,
      decidedAt,
      countsFrom,
    });
    await insertJob(database, { kind: 'carryOut', payload: { postId: post.id }, at: countsFrom });
    return done({ countsIn });
  },
});

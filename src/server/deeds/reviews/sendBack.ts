import { sendBack as deed } from '../../../contract/reviews/sendBack';
import { maybeNextStage, type Stage } from '../../../core/posts/stage';
import { instantOf } from '../../../core/timing/zonedTime';
import { done, refused, type Result } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { moveDue } from '../../tables/adjustments';
import { insertDecision } from '../../tables/decisions';
import { sendTypedNotes } from '../../tables/notes';
import { deletePlannedOpening } from '../../tables/plannedOpenings';
import { updateStage } from '../../tables/posts';
import { deleteSlipReaders } from '../../tables/slipReaders';
import type { PostFacts } from '../subjects/findPostToActOn';
import { notifyWriter } from '../mail/notify';
import { handInUseCase } from '../subjects/handInUseCase';

export const sendBack = handInUseCase(deed, {
  decides: true,
  async run({ until = null, first = '' }, facts, { database, personId, now }) {
    const may = maySendBack(facts, { until, now });
    if (!may.ok) return may;
    const { post, latest, assignment } = facts;
    const { next, untilAt } = may.value;
    await updateStage(database, post.id, next);
    await deleteSlipReaders(database, post.id);
    await deletePlannedOpening(database, post.id);
    await sendTypedNotes(database, { postId: post.id, authorId: personId, now });
    await insertDecision(database, {
      id: newId(),
      handInId: latest.id,
      teacherId: personId,
      decision: 'sentBack',
      at: now,
      untilAt,
      first: first.trim(),
    });
    // Whoever is given time has it: what comes by then is not late.
    if (untilAt && assignment.dueAt && untilAt > assignment.dueAt)
      await moveDue(database, {
        assignmentId: assignment.id,
        personIds: [post.writerId],
        dueAt: untilAt,
        by: personId,
        at: now,
      });
    await notifyWriter(database, 'sentBack', facts, now);
    return done(null);
  },
});

/** Whether a hand-in can be sent back now, and until when it is asked for again. */
export function maySendBack(
  { post, inClass }: Pick<PostFacts, 'post' | 'inClass'>,
  { until, now }: { readonly until: string | null; readonly now: Date },
): Result<{ readonly next: Stage; readonly untilAt: Date | null }> {
  const next = maybeNextStage(post.stage, 'sendBack');
  if (!next) return refused('post.cannotFollow');
  const untilAt = until === null ? null : new Date(instantOf(until, inClass.timeZone));
  if (untilAt && untilAt <= now) return refused('review.untilPast', 'until');
  return done({ next, untilAt });
}

import { accept as deed } from '../../../contract/reviews/accept';
import { cappedAudience, type Audience } from '../../../core/access/audience';
import { maybeReaches } from '../../../core/posts/release';
import { maybeNextStage, type Stage } from '../../../core/posts/stage';
import { instantOf } from '../../../core/timing/zonedTime';
import { done, refused, type Result } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { sendTypedNotes } from '../../tables/notes';
import { updateStage } from '../../tables/posts';
import { deleteSlipReaders } from '../../tables/slipReaders';
import { insertDecision } from '../../tables/decisions';
import { listJudgements } from '../../tables/judgements';
import { takeAskedAddress } from '../addresses/takeAskedAddress';
import { planToOpen } from '../publications/planToOpen';
import { putBeforeReaders } from '../publications/putBeforeReaders';
import { notifyWriter } from '../mail/notify';
import { heldByDetails, lookAhead, type DetailsAhead } from '../details/detailsAhead';
import type { PostFacts } from '../subjects/findPostToActOn';
import { handInUseCase, type OnLatest } from '../subjects/handInUseCase';

export const accept = handInUseCase(deed, {
  turn: true,
  decides: true,
  prepare: (_, facts, { database, personId }) => lookBeforeAccepting(database, facts, personId),
  async run({ details: seen = [], opensAt = null }, facts, { database, personId, now }, ahead) {
    const may = await mayAccept(database, facts, { seen, ahead, opensAt, now });
    if (!may.ok) return may;
    const { post, latest } = facts;
    const { next, reaches, at } = may.value;
    await updateStage(database, post.id, next);
    await deleteSlipReaders(database, post.id);
    await sendTypedNotes(database, { postId: post.id, authorId: personId, now });
    await takeAskedAddress(database, post);
    await insertDecision(database, {
      id: newId(),
      handInId: latest.id,
      teacherId: personId,
      decision: 'accepted',
      at: now,
    });
    if (reaches && at)
      await planToOpen(database, {
        postId: post.id,
        audience: reaches,
        details: seen,
        at,
        by: personId,
        now,
      });
    else if (reaches)
      await putBeforeReaders(
        database,
        [{ postId: post.id, revisionId: latest.revisionId, audience: reaches }],
        { by: personId, now },
      );
    await notifyWriter(database, 'accepted', facts, now);
    return done({ reaches: at ? null : reaches });
  },
});

/** Looks for personal details in what would go out, before the transaction. */
export async function lookBeforeAccepting(database: Database, facts: OnLatest, by: string) {
  return lookAhead(database, facts, { audience: wishedFor(facts), by });
}

interface Accepting {
  /** The keys of the personal details that the teacher has seen and lets out. */
  readonly seen: readonly string[];
  readonly ahead: DetailsAhead | null;
  /** Local; null for as the assignment says. */
  readonly opensAt: string | null;
  readonly now: Date;
}

/** Whether a hand-in can be accepted now, whom it reaches then, and when, where that is not at once. */
export async function mayAccept(
  database: Database,
  { post, latest, assignment, inClass }: OnLatest,
  { seen, ahead, opensAt, now }: Accepting,
): Promise<Result<{ readonly next: Stage; readonly reaches: Audience | null; readonly at: Date | null }>> {
  const next = maybeNextStage(post.stage, 'accept');
  if (!next) return refused('post.cannotFollow');
  const judged = new Set((await listJudgements(database, post.id)).map((judgement) => judgement.criterionId));
  const open = assignment.rubric.filter((criterion) => !judged.has(criterion.id)).length;
  if (open > 0) return refused('review.judgeFirst', undefined, { open });
  const wished = wishedFor({ post, assignment, inClass });
  const at = opensAt === null ? null : new Date(instantOf(opensAt, inClass.timeZone));
  if (at && (at <= now || wished === 'writerAndTeachers')) return refused('publish.timePast', 'opensAt');
  const reaches = at
    ? wished
    : maybeReaches('accepted', assignment.release, wished, { setOpened: assignment.openedAt !== null });
  const { revisionId } = latest;
  const held =
    reaches &&
    (await heldByDetails(database, ahead, { postId: post.id, revisionId, audience: reaches, seen }));
  return held || done({ next, reaches, at });
}

/** Whom a post may reach by its own wish, its assignment and its class. */
function wishedFor({
  post,
  assignment,
  inClass,
}: Pick<PostFacts, 'post' | 'assignment' | 'inClass'>): Audience {
  return cappedAudience(inClass.ceiling, assignment.audience, post.audience);
}

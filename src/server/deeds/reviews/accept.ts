import { accept as deed } from '../../../contract/reviews/accept';
import { cappedAudience, type Audience } from '../../../core/access/audience';
import { maybeReaches } from '../../../core/posts/release';
import { maybeNextStage } from '../../../core/posts/stage';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { sendTypedNotes } from '../../tables/notes';
import { updateStage } from '../../tables/posts';
import { deleteSlipReaders } from '../../tables/slipReaders';
import { insertDecision } from '../../tables/decisions';
import { listJudgements } from '../../tables/judgements';
import { takeAskedAddress } from '../addresses/takeAskedAddress';
import { putBeforeReaders } from '../publications/putBeforeReaders';
import { heldByDetails, lookAhead } from '../details/detailsAhead';
import type { PostFacts } from '../subjects/findPostToActOn';
import { handInUseCase } from '../subjects/handInUseCase';

export const accept = handInUseCase(deed, {
  turn: true,
  prepare: (_, facts, { database, personId }) =>
    lookAhead(database, facts, { audience: wishedFor(facts), by: personId }),
  async run(
    { details: seen = [] },
    { post, latest, assignment, inClass },
    { database, personId, now },
    ahead,
  ) {
    const next = maybeNextStage(post.stage, 'accept');
    if (!next) return refused('post.cannotFollow');
    const judged = new Set(
      (await listJudgements(database, post.id)).map((judgement) => judgement.criterionId),
    );
    const open = assignment.rubric.filter((criterion) => !judged.has(criterion.id)).length;
    if (open > 0) return refused('review.judgeFirst', undefined, { open });
    const wished = wishedFor({ post, assignment, inClass });
    const reaches = maybeReaches('accepted', assignment.release, wished, {
      setOpened: assignment.openedAt !== null,
    });
    const { revisionId } = latest;
    const held =
      reaches &&
      (await heldByDetails(database, ahead, { postId: post.id, revisionId, audience: reaches, seen }));
    if (held) return held;
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
    if (reaches)
      await putBeforeReaders(database, {
        postId: post.id,
        revisionId,
        audience: reaches,
        by: personId,
        now,
      });
    return done({ reaches });
  },
});

/** Whom a post may reach by its own wish, its assignment and its class. */
function wishedFor({
  post,
  assignment,
  inClass,
}: Pick<PostFacts, 'post' | 'assignment' | 'inClass'>): Audience {
  return cappedAudience(inClass.ceiling, assignment.audience, post.audience);
}

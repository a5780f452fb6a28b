import { accept as deed } from '../../../contract/reviews/accept';
import { cappedAudience } from '../../../core/access/audience';
import { maybeReaches } from '../../../core/posts/release';
import { maybeNextStage } from '../../../core/posts/stage';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { sendTypedNotes } from '../../tables/notes';
import { updateStage } from '../../tables/posts';
import { insertDecision } from '../../tables/decisions';
import { listJudgements } from '../../tables/judgements';
import { takeAskedAddress } from '../addresses/takeAskedAddress';
import { putBeforeReaders } from '../publications/putBeforeReaders';
import { handInUseCase } from '../subjects/handInUseCase';

export const accept = handInUseCase(deed, {
  turn: true,
  async run(_, { post, latest, assignment, inClass }, { database, personId, now }) {
    const next = maybeNextStage(post.stage, 'accept');
    if (!next) return refused('post.cannotFollow');
    const judged = new Set(
      (await listJudgements(database, post.id)).map((judgement) => judgement.criterionId),
    );
    const open = assignment.rubric.filter((criterion) => !judged.has(criterion.id)).length;
    if (open > 0) return refused('review.judgeFirst', undefined, { open });
    await updateStage(database, post.id, next);
    await sendTypedNotes(database, { postId: post.id, authorId: personId, now });
    await takeAskedAddress(database, post);
    await insertDecision(database, {
      id: newId(),
      handInId: latest.id,
      teacherId: personId,
      decision: 'accepted',
      at: now,
    });
    const wished = cappedAudience(inClass.ceiling, assignment.audience, post.audience);
    const reaches = maybeReaches('accepted', assignment.release, wished, {
      setOpened: assignment.openedAt !== null,
    });
    if (reaches)
      await putBeforeReaders(database, {
        postId: post.id,
        revisionId: latest.revisionId,
        audience: reaches,
        by: personId,
        now,
      });
    return done({ reaches });
  },
});

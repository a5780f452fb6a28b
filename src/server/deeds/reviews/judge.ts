import { judge as deed } from '../../../contract/reviews/judge';
import { done, refused } from '../../ground/access/useCase';
import { upsertJudgement } from '../../tables/judgements';
import { isLocked } from '../grades/isLocked';
import { handInUseCase } from '../subjects/handInUseCase';

export const judge = handInUseCase(deed, {
  async run({ criterionId, level }, facts, { database, personId, now }) {
    const { post, assignment } = facts;
    const criterion = assignment.rubric.find((one) => one.id === criterionId);
    if (!criterion) return refused('review.noCriterion', 'criterionId');
    if (level !== null && level >= criterion.levels.length) return refused('review.noLevel', 'level');
    if (await isLocked(database, facts, personId)) return refused('review.readTwice');
    await upsertJudgement(database, { postId: post.id, criterionId, level, by: personId, at: now });
    return done(null);
  },
});

import { judge as deed } from '../../../contract/reviews/judge';
import { done, refused } from '../../ground/access/useCase';
import { upsertJudgement } from '../../tables/judgements';
import { handInUseCase } from '../subjects/handInUseCase';

export const judge = handInUseCase(deed, {
  async run({ criterionId, level }, { post, assignment }, { database, personId, now }) {
    const criterion = assignment.rubric.find((one) => one.id === criterionId);
    if (!criterion) return refused('review.noCriterion', 'criterionId');
    if (level !== null && level >= criterion.levels.length) return refused('review.noLevel', 'level');
    await upsertJudgement(database, { postId: post.id, criterionId, level, by: personId, at: now });
    return done(null);
  },
});

import { giveBackGrade as deed } from '../../contract/reviews/giveBackGrade';
import { done, refused } from '../access/useCase';
import { computeGrade } from './computeGrade';
import { handInUseCase } from './handInUseCase';
import { listJudgements, upsertGivenBack } from './queries';

export const giveBackGrade = handInUseCase(deed, {
  async run(_, facts, { database, personId, now }) {
    const grade = computeGrade(facts, await listJudgements(database, facts.post.id));
    // A figure of the teacher's own stands whatever is not judged yet.
    if (grade.provisional && facts.grade?.overrideGrade == null) return refused('review.provisional');
    await upsertGivenBack(database, { postId: facts.post.id, givenBack: grade, by: personId, at: now });
    return done(null);
  },
});

import { giveBackGrade as deed } from '../../../contract/reviews/giveBackGrade';
import { done, refused } from '../../ground/access/useCase';
import { insertGivenBack } from '../../tables/gradeFigures';
import { listJudgements } from '../../tables/judgements';
import { handInUseCase } from '../subjects/handInUseCase';
import { computeGrade } from './computeGrade';

export const giveBackGrade = handInUseCase(deed, {
  async run(_, facts, { database, personId, now }) {
    const grade = computeGrade(facts, await listJudgements(database, facts.post.id));
    // A figure of the teacher's own stands whatever is not judged yet.
    if (grade.provisional && facts.grade?.overrideGrade == null) return refused('review.provisional');
    await insertGivenBack(database, { postId: facts.post.id, givenBack: grade, by: personId, at: now });
    return done(null);
  },
});

import { seeAnswers as deed } from '../../../contract/questions/seeAnswers';
import { done } from '../../ground/access/useCase';
import { markAnswersSeen } from '../../tables/questions';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const seeAnswers = assignmentUseCase(deed, {
  async run({ assignmentId }, _, { database, personId, now }) {
    await markAnswersSeen(database, assignmentId, personId, now);
    return done(null);
  },
});

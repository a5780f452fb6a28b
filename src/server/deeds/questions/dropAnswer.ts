import { dropAnswer as deed } from '../../../contract/questions/dropAnswer';
import { done, refused } from '../../ground/access/useCase';
import { deleteAssignmentAnswer } from '../../tables/questions';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const dropAnswer = assignmentUseCase(deed, {
  async run({ assignmentId, answerId }, _, { database }) {
    const gone = await deleteAssignmentAnswer(database, answerId, assignmentId);
    return gone === 1 ? done(null) : refused('question.notThere');
  },
});

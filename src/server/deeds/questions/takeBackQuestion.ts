import { takeBackQuestion as deed } from '../../../contract/questions/takeBackQuestion';
import { done, refused } from '../../ground/access/useCase';
import { deleteQuestion } from '../../tables/questions';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const takeBackQuestion = assignmentUseCase(deed, {
  async run({ assignmentId, questionId }, _, { database, personId }) {
    const taken = await deleteQuestion(database, { id: questionId, assignmentId, askerId: personId });
    return taken === 1 ? done(null) : refused('question.notOpen');
  },
});

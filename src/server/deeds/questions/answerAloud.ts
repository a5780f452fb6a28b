import { answerAloud as deed } from '../../../contract/questions/answerAloud';
import { done } from '../../ground/access/useCase';
import { updateAnswered } from '../../tables/questions';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const answerAloud = assignmentUseCase(deed, {
  async run({ assignmentId, questionIds }, _, { database, personId: by, now: at }) {
    const closed = await updateAnswered(database, {
      ...{ assignmentId, ids: questionIds, answer: null, answerId: null, aloud: true, by, at },
    });
    return done({ closed }, { before: null, after: closed });
  },
});

import { answerQuestion as deed } from '../../../contract/questions/answerQuestion';
import { teacherName } from '../../../core/people/names';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { findPerson } from '../../tables/people';
import { insertAssignmentAnswer, lockQuestion, updateAnswered } from '../../tables/questions';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const answerQuestion = assignmentUseCase(deed, {
  async run(input, _, { database, personId: by, now: at }) {
    const { assignmentId, questionId } = input;
    const [answer, words] = [input.answer.trim(), input.toAll?.trim() ?? null];
    if (!answer) return refused('question.noAnswer', 'answer');
    if (words === '') return refused('question.noWords', 'toAll');
    const question = await lockQuestion(database, questionId, assignmentId);
    if (!question) return refused('question.notOpen');
    if (question.answeredAt) {
      const other = question.answeredBy && (await findPerson(database, question.answeredBy));
      return refused('question.answered', undefined, { by: other ? teacherName(other) : '' });
    }
    const answerId = words === null ? null : newId();
    if (answerId !== null && words !== null)
      await insertAssignmentAnswer(database, {
        ...{ id: answerId, assignmentId, words, answer, answeredBy: by, answeredAt: at },
      });
    await updateAnswered(database, {
      ...{ assignmentId, ids: [questionId], answerId, aloud: false, by, at },
      answer: answerId === null ? answer : null,
    });
    return done(null, { before: null, after: answerId === null ? 'alone' : 'all' });
  },
});

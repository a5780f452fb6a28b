import { askQuestion as deed } from '../../../contract/questions/askQuestion';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { findPostOf } from '../../tables/posts';
import { insertQuestion, listQuestionsBy } from '../../tables/questions';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

/** So many questions of one student wait at once for one assignment. */
const MOST_OPEN = 10;

export const askQuestion = assignmentUseCase(deed, {
  turn: true,
  async run({ assignmentId, words: typed, passage }, _, { database, personId, now }) {
    const words = typed.trim();
    if (!words) return refused('question.noWords', 'words');
    // Nobody shows a passage of somebody else's draft.
    if (passage && (await findPostOf(database, assignmentId, personId))?.id !== passage.postId)
      return refused('question.notYours');
    const open = (await listQuestionsBy(database, assignmentId, personId)).filter(
      ({ answeredAt }) => answeredAt === null,
    );
    const text = passage?.text.trim() || null;
    // Pressed twice, it is asked once.
    const same = open.find((one) => one.words === words && one.passage === text);
    if (same) return done({ questionId: same.id });
    if (open.length >= MOST_OPEN) return refused('question.tooMany');
    const id = newId();
    await insertQuestion(database, {
      ...{ id, assignmentId, askerId: personId, words, askedAt: now },
      ...{ postId: text ? (passage?.postId ?? null) : null, passage: text },
    });
    return done({ questionId: id });
  },
});

import { readFigure as deed } from '../../../contract/gradebook/readFigure';
import { weightOf } from '../../../core/requirements/slats';
import { done } from '../../ground/access/useCase';
import { readingOf } from '../grades/readingOf';
import { postUseCase } from '../subjects/postUseCase';

export const readFigure = postUseCase(deed, {
  async run(_, facts, { database, personId }) {
    const { post, assignment } = facts;
    // Who reads it a second time sees nothing of what was given first until they are done: it is their own that is unfolded.
    const isTheirs = post.second?.readerId === personId && !post.second.done;
    const { grade, answer } = await readingOf(database, facts, isTheirs ? 'second' : 'first');
    const texts = new Map(assignment.requirements.map(({ id, text }) => [id, text ?? null]));
    return done({
      grade,
      rubric: assignment.rubric,
      requirements: (answer?.requirements ?? []).map(({ id, kind, state, earned, possible }) => ({
        ...{ id, kind, state, earned, possible, text: texts.get(id) ?? null },
        weight: weightOf(assignment.requirements, id),
      })),
    });
  },
});

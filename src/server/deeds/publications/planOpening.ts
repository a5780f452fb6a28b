import { planOpening as deed } from '../../../contract/publications/planOpening';
import { instantOf } from '../../../core/timing/zonedTime';
import { done, refused } from '../../ground/access/useCase';
import { lookAhead } from '../details/detailsAhead';
import { postUseCase } from '../subjects/postUseCase';
import { planToOpen } from './planToOpen';
import { revisionToOpen } from './toOpen';

export const planOpening = postUseCase(deed, {
  turn: true,
  prepare: ({ audience }, facts, { database, personId }) =>
    lookAhead(database, facts, { audience, by: personId }),
  async run({ audience, at, details = [] }, facts, { database, personId: by, now }, ahead) {
    const { post, inClass } = facts;
    const opensAt = new Date(instantOf(at, inClass.timeZone));
    if (opensAt <= now || audience === 'writerAndTeachers') return refused('publish.timePast', 'at');
    const revision = await revisionToOpen(database, facts, ahead, { audience, seen: details });
    if (!revision.ok) return revision;
    await planToOpen(database, { postId: post.id, audience, details, at: opensAt, by, now });
    return done(null);
  },
});

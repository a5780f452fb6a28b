import { publish as deed } from '../../../contract/publications/publish';
import { done } from '../../ground/access/useCase';
import { deletePlannedOpening } from '../../tables/plannedOpenings';
import { lookAhead } from '../details/detailsAhead';
import { postUseCase } from '../subjects/postUseCase';
import { takeAskedAddress } from '../addresses/takeAskedAddress';
import { putBeforeReaders, takeFromReaders } from './putBeforeReaders';
import { revisionToOpen } from './toOpen';

export const publish = postUseCase(deed, {
  turn: true,
  prepare: ({ audience }, facts, { database, personId }) =>
    lookAhead(database, facts, { audience, by: personId }),
  async run({ audience, details: seen = [] }, facts, { database, personId: by, now }, ahead) {
    const { post, publication } = facts;
    const revision = await revisionToOpen(database, facts, ahead, { audience, seen });
    if (!revision.ok) return revision;
    await deletePlannedOpening(database, post.id);
    await takeAskedAddress(database, post);
    const opening = { postId: post.id, revisionId: revision.value, audience };
    if (audience === 'writerAndTeachers') await takeFromReaders(database, post.id, now);
    else await putBeforeReaders(database, [opening], { by, now });
    return done(null, { before: publication?.audience ?? null, after: audience });
  },
});

import { narrowPost as deed } from '../../../contract/publications/narrowPost';
import { audiencesUpTo } from '../../../core/access/audience';
import { done, refused } from '../../ground/access/useCase';
import { deletePlannedOpening } from '../../tables/plannedOpenings';
import { postUseCase } from '../subjects/postUseCase';
import { putBeforeReaders, takeFromReaders } from './putBeforeReaders';

export const narrowPost = postUseCase(deed, {
  turn: true,
  async run({ postId, audience }, { publication }, { database, personId, now }) {
    if (!publication) return refused('publish.notPublished', 'audience');
    if (audience === publication.audience) return done(null);
    if (!audiencesUpTo(publication.audience).includes(audience))
      return refused('publish.onlyNarrows', 'audience');
    const { revisionId } = publication;
    // Whoever lets fewer read it now does not want more to read it later.
    await deletePlannedOpening(database, postId);
    if (audience === 'writerAndTeachers') await takeFromReaders(database, postId, now);
    else await putBeforeReaders(database, [{ postId, revisionId, audience }], { by: personId, now });
    return done(null, { before: publication.audience, after: audience });
  },
});

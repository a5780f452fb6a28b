import { narrowAudience as deed } from '../../../contract/posts/narrowAudience';
import { audiencesUpTo, cappedAudience } from '../../../core/access/audience';
import { done, refused } from '../../ground/access/useCase';
import { updateAudience } from '../../tables/posts';
import { putBeforeReaders, takeFromReaders } from '../publications/putBeforeReaders';
import { postUseCase } from '../subjects/postUseCase';

export const narrowAudience = postUseCase(deed, {
  turn: true,
  async run({ audience }, { post, assignment, inClass, publication }, { database, personId, now }) {
    const widest = cappedAudience(inClass.ceiling, assignment.audience, null);
    if (!audiencesUpTo(widest).includes(audience)) return refused('post.onlyTeachersWiden', 'audience');
    await updateAudience(database, post.id, audience === widest ? null : audience);
    // What readers see already is drawn in at once; it is never widened by this.
    if (publication && audience === 'writerAndTeachers') await takeFromReaders(database, post.id, now);
    else if (
      publication &&
      audiencesUpTo(publication.audience).includes(audience) &&
      audience !== publication.audience
    )
      await putBeforeReaders(database, [{ postId: post.id, revisionId: publication.revisionId, audience }], {
        by: personId,
        now,
      });
    return done(null);
  },
});

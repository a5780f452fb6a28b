import { publish as deed } from '../../../contract/publications/publish';
import { audiencesUpTo } from '../../../core/access/audience';
import { instantOf } from '../../../core/timing/zonedTime';
import { done, refused } from '../../ground/access/useCase';
import { insertJob } from '../../ground/jobs/queries';
import { deletePlannedOpening, upsertPlannedOpening } from '../../tables/plannedOpenings';
import { heldByDetails, lookAhead } from '../details/detailsAhead';
import { postUseCase } from '../subjects/postUseCase';
import { takeAskedAddress } from '../addresses/takeAskedAddress';
import { putBeforeReaders, takeFromReaders } from './putBeforeReaders';

export const publish = postUseCase(deed, {
  turn: true,
  prepare: ({ audience }, facts, { database, personId }) =>
    lookAhead(database, facts, { audience, by: personId }),
  async run(
    { audience, details: seen = [], at = null },
    { post, inClass, outside, handIns, publication },
    { database, personId, now },
    ahead,
  ) {
    const opensAt = at === null ? null : new Date(instantOf(at, inClass.timeZone));
    if (opensAt && (opensAt <= now || audience === 'writerAndTeachers'))
      return refused('publish.timePast', 'at');
    const latest = handIns.at(-1);
    if (!latest) return refused('post.cannotFollow');
    if (!audiencesUpTo(inClass.ceiling).includes(audience))
      return refused(outside.lacks ? 'publish.noConsent' : 'publish.tooWide', 'audience');
    // A writer may always ask for fewer readers; a teacher does not go over that wish.
    if (post.audience !== null && !audiencesUpTo(post.audience).includes(audience))
      return refused('publish.writerWantsFewer', 'audience');
    const { revisionId } = latest;
    const held = await heldByDetails(database, ahead, { postId: post.id, revisionId, audience, seen });
    if (held) return held;
    if (opensAt) {
      const planned = { postId: post.id, audience, details: seen, at: opensAt, by: personId };
      await upsertPlannedOpening(database, { ...planned, now });
      await insertJob(database, { kind: 'openPlanned', payload: { postId: post.id }, at: opensAt });
      return done(null, { before: publication?.audience ?? null, after: audience });
    }
    await deletePlannedOpening(database, post.id);
    await takeAskedAddress(database, post);
    if (audience === 'writerAndTeachers') await takeFromReaders(database, post.id, now);
    else
      await putBeforeReaders(database, {
        postId: post.id,
        revisionId,
        audience,
        by: personId,
        now,
      });
    return done(null, { before: publication?.audience ?? null, after: audience });
  },
});

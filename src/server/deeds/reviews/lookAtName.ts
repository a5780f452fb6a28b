import { lookAtName as deed } from '../../../contract/reviews/lookAtName';
import { done } from '../../ground/access/useCase';
import { insertNameLookedAt, listHiddenNames } from '../../tables/hiddenNames';
import { postUseCase } from '../subjects/postUseCase';

export const lookAtName = postUseCase(deed, {
  besidePost: true,
  async run({ reason }, { post }, { database, personId, now }) {
    const hidden = await listHiddenNames(database, { postId: post.id }, personId);
    if (hidden.has(post.id)) await insertNameLookedAt(database, { postId: post.id, personId, at: now });
    return done(null, { before: null, after: `name.${reason}` });
  },
});

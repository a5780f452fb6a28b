import { lookForDetails as deed } from '../../../contract/details/lookForDetails';
import { cappedAudience, goesBeyondClass } from '../../../core/access/audience';
import { done } from '../../ground/access/useCase';
import { postUseCase } from '../subjects/postUseCase';
import { findDetailsIn } from './findDetailsIn';

export const lookForDetails = postUseCase(deed, {
  besidePost: true,
  async run(_, { post, assignment, inClass }, { database, personId }) {
    const reaches = cappedAudience(inClass.ceiling, assignment.audience, post.audience);
    if (!goesBeyondClass(reaches)) return done({ reaches, details: [] });
    const found = await findDetailsIn(database, {
      postId: post.id,
      revisionId: null,
      writing: post,
      inClass,
      by: personId,
    });
    // What could not be looked through now is looked through before it is let out.
    return done({ reaches, details: (found ?? []).map(({ kind, where, text }) => ({ kind, where, text })) });
  },
});

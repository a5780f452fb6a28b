import { waitingPost as deed } from '../../../contract/posts/waitingPost';
import { done } from '../../ground/access/useCase';
import { findSealKey } from '../../tables/people';
import { postUseCase } from '../subjects/postUseCase';

export const waitingPost = postUseCase(deed, {
  besidePost: true,
  async run(_, { post: { classId, title, version } }, { database, personId }) {
    const sealKey = (await findSealKey(database, personId))?.toString('base64') ?? '';
    return done({ classId, title, version, sealKey });
  },
});

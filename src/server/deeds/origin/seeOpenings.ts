import { seeOpenings as deed } from '../../../contract/origin/seeOpenings';
import { done } from '../../ground/access/useCase';
import { markOpeningsSeen } from '../../tables/originOpenings';
import { postUseCase } from '../subjects/postUseCase';

export const seeOpenings = postUseCase(deed, {
  besidePost: true,
  async run(_, { post }, { database, personId, now }) {
    if (personId === post.writerId) await markOpeningsSeen(database, post.id, now);
    return done(null);
  },
});

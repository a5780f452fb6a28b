import { dropOpening as deed } from '../../../contract/publications/dropOpening';
import { done } from '../../ground/access/useCase';
import { deletePlannedOpening } from '../../tables/plannedOpenings';
import { postUseCase } from '../subjects/postUseCase';

export const dropOpening = postUseCase(deed, {
  besidePost: true,
  async run(_, { post }, { database }) {
    await deletePlannedOpening(database, post.id);
    return done(null);
  },
});

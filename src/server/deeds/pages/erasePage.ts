import { erasePage as deed } from '../../../contract/pages/erasePage';
import { done } from '../../ground/access/useCase';
import { deletePage } from '../../tables/pages';
import { pageUseCase } from '../subjects/pageUseCase';

export const erasePage = pageUseCase(deed, {
  async run(_, { page }, { database }) {
    await deletePage(database, page.id);
    return done({});
  },
});

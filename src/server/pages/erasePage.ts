import { erasePage as deed } from '../../contract/pages/erasePage';
import { done } from '../access/useCase';
import { pageUseCase } from './pageUseCase';
import { deletePage } from './queries';

export const erasePage = pageUseCase(deed, {
  async run(_, { page }, { database }) {
    await deletePage(database, page.id);
    return done({});
  },
});

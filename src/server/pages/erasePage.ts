import { done } from '../access/useCase';
import { pageUseCase } from './pageUseCase';
import { deletePage } from './queries';

/** Erases a page with all that was kept of it, for good. */
export const erasePage = pageUseCase<{ readonly pageId: string }, object>({
  name: 'erasePage',
  action: 'page.erase',
  async run(_, { page }, { database }) {
    await deletePage(database, page.id);
    return done({});
  },
});

import { placePage as deed } from '../../../contract/pages/placePage';
import { done } from '../../ground/access/useCase';
import { listPages, updatePlace } from '../../tables/pages';
import { pageUseCase } from '../subjects/pageUseCase';

export const placePage = pageUseCase(deed, {
  turn: true,
  async run({ place }, { page }, { database }) {
    const order = (await listPages(database, page.classId)).filter((other) => other.id !== page.id);
    order.splice(place, 0, page);
    for (const [index, { id }] of order.entries()) await updatePlace(database, id, index + 1);
    return done({});
  },
});

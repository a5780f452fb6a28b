import { done } from '../access/useCase';
import { pageUseCase } from './pageUseCase';
import { listPages, updatePlace } from './queries';

interface Input {
  readonly pageId: string;
  /** Its new place among the pages of its class, from 0; beyond the last is the last. */
  readonly place: number;
}

/** Moves a page among the others of its class: readers find them in this order. */
export const placePage = pageUseCase<Input, object>({
  name: 'placePage',
  turn: true,
  fields: { place: { type: 'integer', minimum: 0, maximum: 1000 } },
  async run({ place }, { page }, { database }) {
    const order = (await listPages(database, page.classId)).filter((other) => other.id !== page.id);
    order.splice(place, 0, page);
    for (const [index, { id }] of order.entries()) await updatePlace(database, id, index + 1);
    return done({});
  },
});

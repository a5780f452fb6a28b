import type { GradebookRules } from '../../../core/gradebook/rules';
import { newId } from '../../ground/database/newId';

interface PlaceOfColumn {
  readonly columnId: string;
  readonly categoryId: string | null;
}

/** Rules and places with ids of ours for the categories that a class does not have yet, and without places in no category of theirs. */
export function withOwnIds(
  wanted: GradebookRules,
  places: readonly PlaceOfColumn[],
  before: GradebookRules,
): { readonly rules: GradebookRules; readonly places: readonly PlaceOfColumn[] } {
  const known = new Set(before.categories.map(({ id }) => id));
  const own = new Map(wanted.categories.map(({ id }) => [id, known.has(id) ? id : newId()]));
  return {
    rules: {
      ...wanted,
      categories: wanted.categories.map((one) => ({ ...one, id: own.get(one.id)!, title: one.title.trim() })),
    },
    places: places.flatMap(({ columnId, categoryId }) => {
      const id = categoryId === null ? null : own.get(categoryId);
      return id === undefined ? [] : [{ columnId, categoryId: id }];
    }),
  };
}

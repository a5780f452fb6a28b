import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { findGradebook, keepGradebook, listPlacesOfColumns, placeColumns } from '../../tables/gradebooks';

/**
 * Copies how a class counts into another: its rules and categories, and where its assignments stand in them. Figures and own columns stay
 * where they are.
 * @param assignments the copies of the assignments, by what they were made of
 */
export async function copyGradebook(
  database: Database,
  {
    from,
    to,
    assignments,
  }: { readonly from: string; readonly to: string; readonly assignments: ReadonlyMap<string, string> },
): Promise<void> {
  const rules = await findGradebook(database, from);
  if (rules.version === 0) return;
  const ids = new Map(rules.categories.map(({ id }) => [id, newId()]));
  await keepGradebook(database, to, {
    ...rules,
    version: 1,
    categories: rules.categories.map((category) => ({ ...category, id: ids.get(category.id)! })),
  });
  const places = [...(await listPlacesOfColumns(database, from))].flatMap(([columnId, categoryId]) => {
    const [copy, category] = [assignments.get(columnId), ids.get(categoryId)];
    return copy && category ? [{ columnId: copy, categoryId: category }] : [];
  });
  await placeColumns(database, to, places);
}

import { keepRules as deed } from '../../../contract/gradebook/keepRules';
import { faultOfRules } from '../../../core/gradebook/rules';
import { done, refused } from '../../ground/access/useCase';
import { findGradebook, keepGradebook, listPlacesOfColumns, placeColumns } from '../../tables/gradebooks';
import { classUseCase } from '../subjects/classUseCase';
import { withOwnIds } from './withOwnIds';

export const keepRules = classUseCase(deed, {
  turn: true,
  async run({ version, places: given, classId, ...wanted }, _, { database }) {
    const fault = faultOfRules(wanted);
    if (fault) return refused(`gradebook.${fault}`, fault === 'bandTwice' ? 'bands' : 'categories');
    const before = await findGradebook(database, classId);
    if (before.version !== version) return refused('gradebook.changedMeanwhile');
    const { rules, places } = withOwnIds(wanted, given, before);
    // What another teacher has put meanwhile into a category that is to go is not left without one.
    const standing = new Map(await listPlacesOfColumns(database, classId));
    for (const { columnId, categoryId } of places)
      if (categoryId === null) standing.delete(columnId);
      else standing.set(columnId, categoryId);
    const kept = new Set(rules.categories.map(({ id }) => id));
    const lost = [...standing.values()].find((id) => !kept.has(id));
    if (lost !== undefined) {
      const title = before.categories.find(({ id }) => id === lost)?.title ?? '';
      return refused('gradebook.categoryInUse', 'categories', { title });
    }
    await keepGradebook(database, classId, { ...rules, version: version + 1 });
    await placeColumns(database, classId, places);
    return done({ version: version + 1 });
  },
});

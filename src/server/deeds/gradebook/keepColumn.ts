import { keepColumn as deed } from '../../../contract/gradebook/keepColumn';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { findGradebook, placeColumns } from '../../tables/gradebooks';
import { insertOwnColumn, listOwnColumns, updateOwnColumn } from '../../tables/ownColumns';
import { classUseCase } from '../subjects/classUseCase';

/** A class has no more own columns than a year has school days. */
const MOST = 200;

export const keepColumn = classUseCase(deed, {
  turn: true,
  async run({ classId, columnId, title: typed, possible, day, categoryId }, _, { database, personId, now }) {
    const title = typed.trim();
    if (!title) return refused('gradebook.noTitle', 'title');
    const { categories } = await findGradebook(database, classId);
    if (categoryId !== null && !categories.some(({ id }) => id === categoryId))
      return refused('gradebook.noCategory', 'categoryId');
    const known = await listOwnColumns(database, classId);
    if (columnId === null) {
      if (known.length >= MOST) return refused('gradebook.tooManyColumns');
      // Pressed twice, it is made once.
      const same = known.find((one) => one.title === title && one.day === day && one.possible === possible);
      if (same) return done({ columnId: same.id });
      const id = newId();
      await insertOwnColumn(database, {
        ...{ id, classId, categoryId, title, possible, day },
        by: personId,
        at: now,
      });
      return done({ columnId: id });
    }
    if (!known.some(({ id }) => id === columnId)) return NOT_THERE;
    await updateOwnColumn(database, { id: columnId, classId, title, possible, day });
    await placeColumns(database, classId, [{ columnId, categoryId }]);
    return done({ columnId });
  },
});

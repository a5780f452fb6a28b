import { giveBackColumn as deed } from '../../../contract/gradebook/giveBackColumn';
import { done, refused } from '../../ground/access/useCase';
import { giveBackFigures, listFiguresIn, listOwnColumns } from '../../tables/ownColumns';
import { classUseCase } from '../subjects/classUseCase';

export const giveBackColumn = classUseCase(deed, {
  turn: true,
  async run({ classId, columnId, figures, reason: typed }, _, { database, now }) {
    const columns = await listOwnColumns(database, classId);
    if (!columns.some(({ id }) => id === columnId)) return refused('gradebook.noColumn');
    const standing = new Map(
      (
        await listFiguresIn(
          database,
          figures.map(({ personId }) => ({ columnId, personId })),
        )
      ).map((one) => [one.personId, one]),
    );
    // What another teacher typed meanwhile was seen by nobody who gives it back.
    const asSeen = figures.filter(({ personId, figure }) => standing.get(personId)?.figure === figure);
    const toGive = asSeen.filter(({ personId, figure }) => standing.get(personId)?.back !== figure);
    const reason = typed.trim();
    if (!reason && toGive.some(({ personId }) => standing.get(personId)?.back != null))
      return refused('gradebook.noReasonAgain', 'reason');
    await giveBackFigures(database, columnId, {
      personIds: toGive.map(({ personId }) => personId),
      reason,
      at: now,
    });
    return done({ given: asSeen.length, otherwise: figures.length - asSeen.length });
  },
});

import { keepFigures as deed, type TakenCell } from '../../../contract/gradebook/keepFigures';
import { isStudent } from '../../../core/access/may';
import { teacherName } from '../../../core/people/names';
import { done, refused } from '../../ground/access/useCase';
import { listEverMembers } from '../../tables/memberships';
import { listFiguresIn, listOwnColumns, upsertOwnFigures, type CellKey } from '../../tables/ownColumns';
import { classUseCase } from '../subjects/classUseCase';

/** Figures are kept in thousandths of a point. */
const PARTS = 1000;

export const keepFigures = classUseCase(deed, {
  turn: true,
  async run({ classId, cells: typed }, _, { database, personId, now }) {
    const cells = typed.map(({ figure, ...cell }) => ({
      ...cell,
      figure: figure === null ? null : Math.round(figure * PARTS) / PARTS,
    }));
    const columns = new Set((await listOwnColumns(database, classId)).map(({ id }) => id));
    if (cells.some(({ columnId }) => !columns.has(columnId))) return refused('gradebook.noColumn');
    const members = await listEverMembers(database, classId);
    const people = new Map(members.map((member) => [member.personId, member]));
    const students = new Set(members.filter(({ role }) => isStudent(role)).map((one) => one.personId));
    if (cells.some((cell) => !students.has(cell.personId))) return refused('gradebook.nobody');
    const there = new Map((await listFiguresIn(database, cells)).map((one) => [keyOf(one), one]));
    const taken: TakenCell[] = [];
    /** Of a cell that is named twice the last one counts. */
    const kept = new Map<string, CellKey & { readonly figure: number | null }>();
    for (const { was, ...cell } of cells) {
      const standing = there.get(keyOf(cell));
      const figure = standing?.figure ?? null;
      if (figure !== was && figure !== cell.figure) {
        const by = standing && people.get(standing.typedById);
        taken.push({
          columnId: cell.columnId,
          personId: cell.personId,
          figure,
          by: by ? teacherName(by) : '',
        });
      } else kept.set(keyOf(cell), cell);
    }
    // What stands there already was typed by who typed it first.
    const changed = [...kept.values()].filter(
      (cell) => (there.get(keyOf(cell))?.figure ?? null) !== cell.figure,
    );
    await upsertOwnFigures(database, changed, { by: personId, at: now });
    return done({ kept: kept.size, taken });
  },
});

function keyOf({ columnId, personId }: CellKey): string {
  return `${columnId} ${personId}`;
}

import { previewRules as deed, type TotalsBefore } from '../../../contract/gradebook/previewRules';
import type { GradebookFigures } from '../../../core/gradebook/gradebook';
import { faultOfRules } from '../../../core/gradebook/rules';
import { refused } from '../../ground/access/useCase';
import { classUseCase } from '../subjects/classUseCase';
import { inTime } from './inTime';
import { figuresOfBook, readBook } from './readBook';

export const previewRules = classUseCase(deed, {
  async run({ places, classId: _, ...wanted }, inClass, { database, personId, now }) {
    const fault = faultOfRules(wanted);
    if (fault) return refused(`gradebook.${fault}`, fault === 'bandTwice' ? 'bands' : 'categories');
    const compare = async () => {
      const book = await readBook(database, { personId, inClass, now });
      const moved = new Map(places.map(({ columnId, categoryId }) => [columnId, categoryId]));
      const columns = book.columns.map((column) =>
        moved.has(column.id) ? { ...column, categoryId: moved.get(column.id)! } : column,
      );
      const reader = { now, by: personId };
      const before = await figuresOfBook(book, reader);
      const after = await figuresOfBook(book, reader, { rules: wanted, columns });
      const all = book.students.map(({ member }, at) => compared(member.shownName, at, before, after));
      return { students: three(all), changed: all.filter(isChanged).length, of: all.length };
    };
    return inTime(compare());
  },
});

function compared(name: string, at: number, before: GradebookFigures, after: GradebookFigures): TotalsBefore {
  const [was, is] = [before.students[at]!, after.students[at]!];
  return { name, now: was.overall, nowLetter: was.letter, then: is.overall, thenLetter: is.letter };
}

function isChanged({ now, then, nowLetter, thenLetter }: TotalsBefore): boolean {
  return now !== then || nowLetter !== thenLetter;
}

/** Of all with a total: the one whom it does most good, the one whom it costs most, and the one between. */
function three(all: readonly TotalsBefore[]): readonly TotalsBefore[] {
  const ordered = all
    .filter(({ now, then }) => now !== null || then !== null)
    .toSorted((one, another) => gain(another) - gain(one));
  if (ordered.length <= 3) return ordered;
  return [ordered[0]!, ordered[Math.floor(ordered.length / 2)]!, ordered.at(-1)!];
}

function gain({ now, then }: TotalsBefore): number {
  return (then ?? 0) - (now ?? 0);
}

import { shownState } from '../../../core/gradebook/classBook';
import { oneRosterFiles, type LineItem, type LineResult } from '../../../core/gradebook/oneRoster';
import { amongCategories } from '../../../core/gradebook/rules';
import { termOf } from '../../../core/gradebook/terms';
import { localDate } from '../../../core/timing/zonedTime';
import { database } from '../../ground/database/database';
import { sayIn } from '../../ground/language/sayIn';
import { listRoster } from '../../tables/roster';
import { folderOf } from '../../../core/classes/folderOf';
import type { Archive } from './archivePerson';
import { takenBook, type BookTaker } from './takenBook';
import { zipStream } from './zipStream';
import type { ColumnOfBook } from '../gradebook/readBook';
import { titleOf } from '../gradebook/termOfBook';

/**
 * The gradebook of a class as files of OneRoster 1.2 for the school's system, for those who teach it: what stands before their eyes, and
 * nothing that is withheld from them. Null for everybody else.
 * @throws TooBusy where the figures of a large class cannot be made now
 */
export async function maybeOneRoster(classId: string, taker: BookTaker): Promise<Archive | null> {
  const taken = await takenBook(classId, 'gradebook.change', taker);
  if (!taken) return null;
  const { inClass, book, figures } = taken;
  const { columns, students, rules } = book;
  const roster = await listRoster(database, classId);
  const day = (at: Date | null) => at && localDate(at.getTime(), inClass.timeZone);
  const schoolIds = new Map(roster.map(({ personId: id, schoolId }) => [id, schoolId]));
  const categoryOf = amongCategories(rules.categories);
  const lineItem = (column: ColumnOfBook): LineItem => {
    const due = day(column.due);
    return {
      ...{ id: column.id, title: titleOf(column), possible: column.possible, due },
      categoryId: categoryOf(column.categoryId),
      assigned: column.kind === 'post' ? day(column.assignment.setAt) : due,
      term: termOf(inClass.year.terms, due)?.from ?? null,
    };
  };
  const files = oneRosterFiles(
    {
      classId,
      categories: rules.categories,
      lineItems: columns.map(lineItem),
      results: students.flatMap(({ member, cells }, row) =>
        cells.flatMap((cell, at): readonly LineResult[] => {
          const column = columns[at]!;
          const state = shownState(cell, figures.students[row]!.cells[column.id]!);
          // What nobody has done anything about yet, and what may not be seen, is no result.
          const nothingTyped = column.kind === 'own' && cell.figure === null;
          if (['hidden', 'reading', 'notHere', 'ahead'].includes(state) || nothingTyped) return [];
          return [
            {
              lineItemId: column.id,
              studentId: schoolIds.get(member.personId) ?? member.personId,
              ...{ figure: cell.figure, soFar: cell.soFar, handedIn: cell.handedIn, excused: cell.excused },
              ...{ missing: state === 'missing', late: cell.daysLate > 0 },
              day: day(cell.typed?.typedAt ?? cell.post?.handedInAt ?? column.due ?? taker.now)!,
            },
          ];
        }),
      ),
    },
    sayIn(taker.language, 'archive')('gradebook.noCategory'),
  );
  return {
    name: `${folderOf(inClass)}-oneroster.zip`,
    content: zipStream(async (zip) => {
      for (const [path, content] of Object.entries(files)) await zip.add(path, content);
    }),
  };
}

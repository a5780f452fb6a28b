import { may } from '../../../core/access/may';
import { shownState } from '../../../core/gradebook/classBook';
import { oneRosterFiles, type LineItem, type LineResult } from '../../../core/gradebook/oneRoster';
import { termOf } from '../../../core/gradebook/terms';
import type { HouseLanguage } from '../../../core/languages/languages';
import { localDate } from '../../../core/timing/zonedTime';
import { writeAuditLine } from '../../ground/access/auditLog';
import { findActor } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import { sayIn } from '../../ground/language/sayIn';
import { findClass } from '../../tables/classes';
import { listRoster } from '../../tables/roster';
import { folderOf } from '../../../core/classes/folderOf';
import type { Archive } from './archivePerson';
import { zipStream } from './zipStream';
import { figuresOfBook, readBook, type ColumnOfBook } from '../gradebook/readBook';
import { titleOf } from '../gradebook/termOfBook';

interface Asker {
  readonly personId: string;
  readonly now: Date;
  readonly language: HouseLanguage;
}

/**
 * The gradebook of a class as files of OneRoster 1.2 for the school's system, for those who teach it: what stands before their eyes, and
 * nothing that is withheld from them. Null for everybody else.
 * @throws TooBusy where the figures of a large class cannot be made now
 */
export async function maybeOneRoster(
  classId: string,
  { personId, now, language }: Asker,
): Promise<Archive | null> {
  const inClass = await findClass(database, classId);
  if (!inClass || !may(await findActor(database, classId, personId), 'gradebook.change', {})) return null;
  const found = { classId, subjectId: classId };
  await writeAuditLine(database, { useCase: 'takeGradebook', found, personId, now });
  const [book, roster] = await Promise.all([
    readBook(database, { personId, inClass, now }),
    listRoster(database, classId),
  ]);
  const { columns, students, rules } = book;
  const figures = await figuresOfBook(book, { now, by: personId });
  const day = (at: Date | null) => at && localDate(at.getTime(), inClass.timeZone);
  const schoolIds = new Map(roster.map(({ personId: id, schoolId }) => [id, schoolId]));
  const known = new Set(rules.categories.map(({ id }) => id));
  const lineItem = (column: ColumnOfBook): LineItem => {
    const due = day(column.due);
    return {
      ...{ id: column.id, title: titleOf(column), possible: column.possible, due },
      categoryId: column.categoryId !== null && known.has(column.categoryId) ? column.categoryId : null,
      assigned: column.kind === 'post' ? day(column.assignment.setAt) : due,
      term: (due !== null && termOf(inClass.year.terms, due)?.from) || null,
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
              day: day(cell.typed?.typedAt ?? cell.post?.handedInAt ?? column.due ?? now)!,
            },
          ];
        }),
      ),
    },
    sayIn(language, 'archive')('gradebook.noCategory'),
  );
  return {
    name: `${folderOf(inClass)}-oneroster.zip`,
    content: zipStream(async (zip) => {
      for (const [path, content] of Object.entries(files)) await zip.add(path, content);
    }),
  };
}

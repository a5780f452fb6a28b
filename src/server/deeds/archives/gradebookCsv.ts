import { may } from '../../../core/access/may';
import { exportGradebook } from '../../../core/gradebook/exportGradebook';
import type { HouseLanguage } from '../../../core/languages/languages';
import { writeAuditLine } from '../../ground/access/auditLog';
import { findActor } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import { sayIn } from '../../ground/language/sayIn';
import { findClass } from '../../tables/classes';
import { folderOf } from '../../../core/classes/folderOf';
import { figuresOfBook, readBook } from '../gradebook/readBook';

interface Asker {
  readonly personId: string;
  readonly now: Date;
  readonly language: HouseLanguage;
}

/**
 * The gradebook of a class as CSV, for those who teach it: what stands before their eyes, and nothing that is withheld from them. Null
 * for everybody else.
 * @throws TooBusy where the figures of a large class cannot be made now
 */
export async function maybeGradebookCsv(classId: string, { personId, now, language }: Asker) {
  const inClass = await findClass(database, classId);
  if (!inClass || !may(await findActor(database, classId, personId), 'gradebook.read', {})) return null;
  const found = { classId, subjectId: classId };
  await writeAuditLine(database, { useCase: 'takeGradebook', found, personId, now });
  const book = await readBook(database, { personId, inClass, now });
  const { columns, students } = book;
  const figures = await figuresOfBook(book, { now, by: personId });
  const say = sayIn(language, 'archive');
  const content = exportGradebook(
    {
      columns: columns.map((column) =>
        column.kind === 'post' ? column.assignment : { number: null, title: column.own.title },
      ),
      students: students.map(({ member, cells }, at) => ({
        id: member.personId,
        name: member.shownName,
        group: member.groupInClass,
        figures: cells.map(({ figure, withheld }) => (withheld ? null : figure)),
        overall: figures.students[at]!.overall,
        letter: figures.students[at]!.letter,
      })),
    },
    {
      id: say('gradebook.id'),
      name: say('gradebook.name'),
      group: say('gradebook.group'),
      total: say('gradebook.total'),
      word: say('gradebook.word'),
    },
    inClass.language,
  );
  return { name: `${folderOf(inClass)}-${say('gradebook.file')}.csv`, content };
}

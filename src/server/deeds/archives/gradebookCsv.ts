import { exportGradebook } from '../../../core/gradebook/exportGradebook';
import { sayIn } from '../../ground/language/sayIn';
import { folderOf } from '../../../core/classes/folderOf';
import { takenBook, type BookTaker } from './takenBook';

/**
 * The gradebook of a class as CSV, for those who teach it: what stands before their eyes, and nothing that is withheld from them. Null
 * for everybody else.
 * @throws TooBusy where the figures of a large class cannot be made now
 */
export async function maybeGradebookCsv(classId: string, taker: BookTaker) {
  const taken = await takenBook(classId, 'gradebook.read', taker);
  if (!taken) return null;
  const { inClass, book, figures } = taken;
  const { columns, students } = book;
  const say = sayIn(taker.language, 'archive');
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

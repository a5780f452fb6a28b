import { takeMarks as deed } from '../../../contract/gradebook/marksFile';
import { marksCsv, marksTable } from '../../../core/gradebook/marksFile';
import { done, refused } from '../../ground/access/useCase';
import { upsertMarksSetup, upsertMarksTaken } from '../../tables/marksFiles';
import { folderOf } from '../../../core/classes/folderOf';
import { classUseCase } from '../subjects/classUseCase';
import { TooBusy } from './gradesInBook';
import { marksOfTerm } from './marksOfTerm';
import { marksById } from './previewMarks';

export const takeMarks = classUseCase(deed, {
  turn: true,
  async prepare({ term }, inClass, { database, personId, now }) {
    try {
      const marks = await marksOfTerm(database, { inClass, term, personId, now });
      if (!marks) return refused('gradebook.noTerm');
      return marks.withheld.size > 0 ? refused('gradebook.readsSecond') : done(marks);
    } catch (error) {
      if (error instanceof TooBusy) return refused('sameMoment');
      throw error;
    }
  },
  async run({ classId, term, ...setup }, inClass, { database, personId, now }, marks) {
    await upsertMarksSetup(database, { classId, setup, by: personId, at: now });
    await upsertMarksTaken(database, {
      ...{ classId, term, by: personId, at: now },
      marks: marksById(marks.students),
    });
    return done({
      name: `${folderOf(inClass)}-${marks.name}.csv`,
      content: marksCsv(marksTable(setup, marks.name, marks.students), setup),
    });
  },
});

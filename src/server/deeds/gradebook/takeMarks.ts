import { takeMarks as deed } from '../../../contract/gradebook/marksFile';
import { marksById, marksCsv, marksTable } from '../../../core/gradebook/marksFile';
import { done, refused } from '../../ground/access/useCase';
import { upsertMarksSetup, upsertMarksTaken } from '../../tables/marksFiles';
import { folderOf } from '../../../core/classes/folderOf';
import { classUseCase } from '../subjects/classUseCase';
import { inTime } from './inTime';
import { marksOfTerm } from './marksOfTerm';

export const takeMarks = classUseCase(deed, {
  turn: true,
  async prepare({ term }, inClass, { database, personId, now }) {
    const made = await inTime(marksOfTerm(database, { inClass, term, personId, now }));
    if (!made.ok) return made;
    if (!made.value) return refused('gradebook.noTerm');
    return made.value.withheld.size > 0 ? refused('gradebook.readsSecond') : done(made.value);
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

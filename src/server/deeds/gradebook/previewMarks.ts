import { previewMarks as deed } from '../../../contract/gradebook/marksFile';
import { marksById, marksChanged } from '../../../core/gradebook/marksFile';
import { placeOf } from '../../../core/languages/languages';
import { teacherName } from '../../../core/people/names';
import { dateInWords } from '../../../core/timing/inWords';
import { done, refused } from '../../ground/access/useCase';
import { findMarksSetup, findMarksTaken } from '../../tables/marksFiles';
import { listEverMembers } from '../../tables/memberships';
import { classUseCase } from '../subjects/classUseCase';
import { inTime } from './inTime';
import { firstSetup, marksOfTerm } from './marksOfTerm';

/** So many students are shown before. */
const FIRST = 3;

export const previewMarks = classUseCase(deed, {
  async run({ classId, term }, inClass, { database, personId, now }) {
    const made = await inTime(marksOfTerm(database, { inClass, term, personId, now }));
    if (!made.ok) return made;
    const marks = made.value;
    if (!marks) return refused('gradebook.noTerm');
    const last = await findMarksTaken(database, classId, term);
    const people = new Map(
      (await listEverMembers(database, classId)).map((member) => [member.personId, member]),
    );
    const by = last && people.get(last.by);
    const place = placeOf(inClass);
    return done({
      setup: (await findMarksSetup(database, classId, personId)) ?? firstSetup(marks.language),
      termName: marks.name,
      first: marks.students.slice(0, FIRST),
      withoutId: marks.students.filter(({ schoolId }) => schoolId === null).map(({ name }) => name),
      standSo: marks.students.filter(({ standsSo }) => standsSo !== '').length,
      since: last && {
        by: by ? teacherName(by) : '',
        when: dateInWords(last.at.getTime(), place.timeZone, place.language),
        // What stood in the last file tells what may not be known.
        changes: marksChanged(last.marks, marksById(marks.students))
          .filter((change) => !marks.withheld.has(change.personId))
          .map(({ personId: id, ...change }) => ({ ...change, name: people.get(id)?.shownName ?? '' })),
      },
    });
  },
});

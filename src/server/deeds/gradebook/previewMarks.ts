import { previewMarks as deed } from '../../../contract/gradebook/marksFile';
import { marksChanged, marksTable } from '../../../core/gradebook/marksFile';
import { placeOf } from '../../../core/languages/languages';
import { teacherName } from '../../../core/people/names';
import { dateInWords } from '../../../core/timing/inWords';
import { done, refused } from '../../ground/access/useCase';
import { findMarksSetup, findMarksTaken } from '../../tables/marksFiles';
import { listEverMembers } from '../../tables/memberships';
import { classUseCase } from '../subjects/classUseCase';
import { TooBusy } from './gradesInBook';
import { firstSetup, marksOfTerm } from './marksOfTerm';

/** So many lines are shown before. */
const FIRST_LINES = 4;

export const previewMarks = classUseCase(deed, {
  async run(input, inClass, { database, personId, now }) {
    const { classId, term, columns, delimiter, decimal, headings } = input;
    try {
      const marks = await marksOfTerm(database, { inClass, term, personId, now });
      if (!marks) return refused('gradebook.noTerm');
      const kept = (await findMarksSetup(database, classId, personId)) ?? firstSetup(marks.language);
      const setup = {
        columns: columns ?? kept.columns,
        delimiter: delimiter ?? kept.delimiter,
        decimal: decimal ?? kept.decimal,
        headings: headings ?? kept.headings,
      };
      const last = await findMarksTaken(database, classId, term);
      const people = new Map(
        (await listEverMembers(database, classId)).map((member) => [member.personId, member]),
      );
      const by = last && people.get(last.by);
      const place = placeOf(inClass);
      return done({
        setup,
        lines: marksTable(setup, marks.name, marks.students).slice(0, FIRST_LINES),
        of: marks.students.length,
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
    } catch (error) {
      if (error instanceof TooBusy) return refused('sameMoment');
      throw error;
    }
  },
});

/** The marks of some students, by their ids. */
export function marksById(
  students: readonly { readonly personId: string; readonly mark: string | null }[],
): Readonly<Record<string, string | null>> {
  return Object.fromEntries(students.map(({ personId, mark }) => [personId, mark]));
}

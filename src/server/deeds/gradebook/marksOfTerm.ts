import type { MarkOfStudent, MarksSetup } from '../../../core/gradebook/marksFile';
import { markOf, YEAR } from '../../../core/gradebook/terms';
import { languageOf, type HouseLanguage } from '../../../core/languages/languages';
import type { Database } from '../../ground/database/database';
import { sayIn } from '../../ground/language/sayIn';
import type { ClassRow } from '../../tables/classes';
import { listRoster } from '../../tables/roster';
import { readBook } from './readBook';
import { finalsIn, readTerms, totalsOfTerm, totalsOfYear } from './readTerms';

interface Asked {
  readonly inClass: ClassRow;
  /** The first day of the term, or `year`. */
  readonly term: string;
  readonly personId: string;
  readonly now: Date;
}

/** The marks of a term or a year. */
export interface MarksOfTerm {
  readonly name: string;
  readonly language: HouseLanguage;
  readonly students: readonly MarkOfStudent[];
  /** Those of whom who asks may not know some figure; they have no mark here. */
  readonly withheld: ReadonlySet<string>;
}

/**
 * The marks of a term or a year for the school's system; null where the class has no such term. Figures that who asks may not know stand
 * in none of them.
 * @throws TooBusy where the figures of a large class cannot be made now
 */
export async function marksOfTerm(
  database: Database,
  { inClass, term, personId, now }: Asked,
): Promise<MarksOfTerm | null> {
  const { terms } = inClass.year;
  const span = terms.find(({ from }) => from === term);
  if (!span && (term !== YEAR || terms.length === 0)) return null;
  const [book, kept, roster] = await Promise.all([
    readBook(database, { personId, inClass, now }),
    readTerms(database, inClass.id),
    listRoster(database, inClass.id),
  ]);
  const asked = { timeZone: inClass.timeZone, now, by: personId };
  const { rules, students } = span
    ? await totalsOfTerm(book, kept, span, asked)
    : { rules: book.rules, ...(await totalsOfYear(book, kept, terms, asked)) };
  const language = languageOf(null, inClass.language);
  const say = sayIn(language, 'archive');
  const finals = finalsIn(kept, term);
  const ids = new Map(roster.map(({ personId: id, schoolId }) => [id, schoolId]));
  return {
    name: span ? span.name : say('marks.year'),
    language,
    withheld: new Set(students.filter((one) => one.withheld).map(({ member }) => member.personId)),
    students: students.map((total): MarkOfStudent => {
      const { member, overall, unread, notBack, withheld } = total;
      const given = withheld ? undefined : finals.get(member.personId);
      return {
        ...{ personId: member.personId, schoolId: ids.get(member.personId) ?? null },
        ...{ givenName: member.givenName, familyName: member.familyName, name: member.shownName },
        ...{ group: member.groupInClass, percent: overall, reason: given?.reason ?? '' },
        mark: given?.mark ?? markOf(total, rules),
        standsSo: unread + notBack > 0 ? say('marks.standsSo', { unread, notBack }) : '',
      };
    }),
  };
}

/** What a file of marks has until a teacher says what the school's system wants. */
export function firstSetup(language: HouseLanguage): MarksSetup {
  const say = sayIn(language, 'archive');
  const comma = language === 'de';
  return {
    columns: [
      { heading: say('marks.id'), holds: 'schoolId' },
      { heading: say('marks.familyName'), holds: 'familyName' },
      { heading: say('marks.givenName'), holds: 'givenName' },
      { heading: say('marks.mark'), holds: 'mark' },
      { heading: say('marks.stands'), holds: 'standsSo' },
    ],
    delimiter: comma ? ';' : ',',
    decimal: comma ? ',' : '.',
    headings: true,
  };
}

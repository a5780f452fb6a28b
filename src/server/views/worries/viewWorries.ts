import { placeOf, spokenTag, type HouseLanguage, type Place } from '../../../core/languages/languages';
import { teacherName } from '../../../core/people/names';
import { agoInWords, dateInWords, momentInWords } from '../../../core/timing/inWords';
import { timeOrMoment } from '../../../core/timing/timeOrMoment';
import { database } from '../../ground/database/database';
import { listOpenCases, listSettledCases, listWorriesOf, type CaseHead } from '../../tables/cases';
import { listDuties, tending } from '../../tables/schoolDuties';
import { findRetention } from '../../tables/retention';
import { findPromise } from '../../tables/schoolRules';
import { sightOf } from '../../deeds/worries/sight';

/** Who asks for what was told. */
export interface Asking {
  readonly personId: string;
  /** The language that they chose to be spoken to. */
  readonly language: HouseLanguage | null;
  readonly now: Date;
}

/** Where a case is said in its own time, and in the language of who reads it. */
export function placeOfCase(one: Pick<CaseHead, 'timeZone'>, language: HouseLanguage | null): Place {
  return placeOf({ timeZone: one.timeZone, language: spokenTag(language, null) }, language);
}

/** How many worries wait for somebody. */
export async function countWorriesWaiting(personId: string): Promise<number> {
  const { sees } = await sightOf(database, personId);
  return (await listOpenCases(database)).filter(sees).length;
}

/** The same, and whether they look after any; null for who has nothing to do with them. */
export async function maybeWorriesWaiting(
  personId: string,
): Promise<{ readonly waiting: number; readonly named: boolean } | null> {
  const { named, sees } = await sightOf(database, personId);
  const waiting = (await listOpenCases(database)).filter(sees).length;
  if (named || waiting > 0) return { waiting, named };
  return (await listSettledCases(database)).some(sees) ? { waiting, named } : null;
}

/** The worries that somebody looks after: what waits, what was promised first; and what is settled. Null for everybody else. */
export async function maybeWorries({ personId, language, now }: Asking) {
  const { named, nobodyNamed, sees } = await sightOf(database, personId);
  const open = (await listOpenCases(database)).filter(sees);
  const settled = (await listSettledCases(database)).filter(sees);
  if (!named && open.length + settled.length === 0) return null;
  const shown = (one: CaseHead) => {
    const place = placeOfCase(one, language);
    return {
      id: one.id,
      kind: one.kind,
      title: one.title,
      about: one.aboutName,
      teller: one.teller,
      told: one.toldName,
      classTitle: one.classTitle,
      when: agoInWords(one.toldAt.getTime(), now.getTime(), place.timeZone, place.language),
      by: one.promisedAt && timeOrMoment(one.promisedAt.getTime(), now.getTime(), place),
      late: one.promisedAt !== null && one.answeredAt === null && one.promisedAt < now,
      decision: one.decision,
      answered: one.answeredAt !== null,
      settled: one.settledAt && dateInWords(one.settledAt.getTime(), place.timeZone, place.language),
    };
  };
  return {
    named,
    /** Whether the school has named anybody; until then they come to the administrators and to the class's teachers. */
    nobodyNamed,
    keptMonths: (await findRetention(database)).cases,
    waiting: open.map(shown),
    settled: settled.map(shown),
  };
}

/** What somebody told, and what came of it: theirs alone. */
export async function listToldBy({ personId, language, now }: Asking) {
  return (await listWorriesOf(database, personId)).map((one) => {
    const place = placeOfCase(one, language);
    return {
      id: one.id,
      title: one.title,
      words: one.words,
      when: agoInWords(one.toldAt.getTime(), now.getTime(), place.timeZone, place.language),
      reader: one.promisedReader || null,
      by: one.promisedAt && timeOrMoment(one.promisedAt.getTime(), now.getTime(), place),
      help: one.toldHelp,
      answer:
        one.answer === null || one.answeredAt === null
          ? null
          : {
              text: one.answer,
              by: one.answeredName ?? '',
              at: one.answeredAt,
              when: momentInWords(one.answeredAt.getTime(), place.timeZone, place.language),
            },
    };
  });
}

/** What children are told who tell a worry, for those who may change it; null for everybody else. */
export async function maybePromise(personId: string) {
  const { named } = await sightOf(database, personId);
  if (!named) return null;
  const [reader] = tending(await listDuties(database));
  return { ...(await findPromise(database)), reader: reader ? teacherName(reader) : null };
}

/** So long an answer stands on Today, in milliseconds. */
const ANSWER_STANDS = 14 * 86_400_000;

/** The same as far as it belongs on Today: what waits for an answer, and what was answered lately. */
export async function listLatelyTold(asking: Asking) {
  const told = await listToldBy(asking);
  return told.filter(({ answer, by }) =>
    answer ? asking.now.getTime() - answer.at.getTime() < ANSWER_STANDS : by !== null,
  );
}

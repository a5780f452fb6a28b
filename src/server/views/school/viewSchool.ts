import { spokenTag } from '../../../core/languages/languages';
import { may } from '../../../core/access/may';
import { agoInWords, momentInWords } from '../../../core/timing/inWords';
import { database } from '../../ground/database/database';
import { listOpenCases, listSettledCases } from '../../tables/cases';
import { listWaitingByClass } from '../../tables/postsOfClass';
import { listDuties } from '../../tables/schoolDuties';
import { placeOfCase, type Asking } from '../worries/viewWorries';

/** So many settled worries are listed. */
const MOST_SETTLED = 30;
/** Longer than this a post should not wait, in milliseconds. */
const LONG = 7 * 86_400_000;

/**
 * What the head of school sees: that nothing waits too long. Of a worry when it was told, promised, decided and answered; of a class
 * how many posts wait and since when. No names of children, no words, no figures. Null for everybody else.
 */
export async function maybeSchoolWatch({ personId, language, now }: Asking) {
  const headId = (await listDuties(database)).find(({ duty }) => duty === 'head')?.personId ?? null;
  if (!may({ personId, role: null }, 'school.watch', { headId })) return null;
  const cases = [
    ...(await listOpenCases(database)),
    ...(await listSettledCases(database)).slice(0, MOST_SETTLED),
  ];
  const tag = spokenTag(language, null);
  return {
    worries: cases.map((one) => {
      const place = placeOfCase(one, language);
      const inWords = (at: Date | null) => at && momentInWords(at.getTime(), place.timeZone, place.language);
      return {
        id: one.id,
        classTitle: one.classTitle,
        told: momentInWords(one.toldAt.getTime(), place.timeZone, place.language),
        promised: inWords(one.promisedAt),
        late: one.promisedAt !== null && (one.answeredAt ?? now) > one.promisedAt,
        answered: inWords(one.answeredAt),
        decided: one.decision !== null,
        settled: one.settledAt !== null,
      };
    }),
    classes: (await listWaitingByClass(database)).map(({ oldestAt, timeZone, ...one }) => ({
      ...one,
      oldest: oldestAt && agoInWords(oldestAt.getTime(), now.getTime(), timeZone, tag),
      long: oldestAt !== null && now.getTime() - oldestAt.getTime() > LONG,
    })),
  };
}

/** Whether somebody is named as the head of school. */
export async function isHead(personId: string): Promise<boolean> {
  return (await listDuties(database)).some((one) => one.duty === 'head' && one.personId === personId);
}

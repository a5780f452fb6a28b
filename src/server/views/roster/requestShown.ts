import type { Place } from '../../../core/languages/languages';
import { nameInClass, teacherName } from '../../../core/people/names';
import { agoInWords } from '../../../core/timing/inWords';
import type { JoinRequestShown } from '../../tables/joinRequests';

/** A request of a class for a student of another, in words. */
export function requestShown(now: Date, { timeZone, language }: Place) {
  const classNamed = (title: string | null, group: string | null) =>
    [title, group].filter(Boolean).join(', ');
  return (one: JoinRequestShown) => ({
    askingClassId: one.classId,
    asking: classNamed(one.classTitle, one.classGroup),
    personId: one.personId,
    name: nameInClass({ givenName: one.givenName, familyName: one.familyName, penName: null }),
    teacher: teacherName({ givenName: one.teacherGiven, familyName: one.teacherFamily }),
    home: classNamed(one.homeTitle, one.homeGroup) || null,
    when: agoInWords(one.askedAt.getTime(), now.getTime(), timeZone, language),
    declined: one.declinedAt !== null,
  });
}

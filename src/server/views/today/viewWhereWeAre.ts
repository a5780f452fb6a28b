import { isTeacher, may } from '../../../core/access/may';
import { lastDayOf } from '../../../core/classes/lastDay';
import { monogram, teacherName } from '../../../core/people/names';
import { dayInWords, momentInWords } from '../../../core/timing/inWords';
import type { Desk } from '../../deeds/sessions/desk';
import { database } from '../../ground/database/database';
import { listLeftLines } from '../../tables/leftLines';
import { listEverMembers } from '../../tables/memberships';
import { maybePile } from '../review/listPile';
import { todayIn } from './viewTeacherToday';
import { daysAhead } from './week';

/** So many posts are listed; the pile has them all. */
const MOST_SHOWN = 8;

/** The page with which another teacher takes a class over: what is set, due and waiting. Null for who does not teach it. */
export async function maybeWhereWeAre(desk: Desk) {
  const { personId, role, inClass, now, place } = desk;
  if (!may({ personId, role }, 'class.teach', {})) return null;
  const { timeZone, language } = place;
  const members = await listEverMembers(database, inClass.id);
  const teachers = members.filter((member) => member.leftAt === null && isTeacher(member.role));
  const named = new Map(members.map((member) => [member.personId, teacherName(member)]));
  const until = teachers.find((member) => member.personId === personId)?.until ?? null;
  const day = (at: Date) => dayInWords(at.getTime() - 1, inClass.timeZone, language);
  const lines = await listLeftLines(database, inClass.id);
  const own = lines.find((line) => line.personId === personId);
  // One after the other as they wait: who takes a class over reads none of its assignments to its end first.
  const slips = (await maybePile([desk])) ?? [];
  const { waiting, assignments, title, groupName } = await todayIn(desk);
  return {
    classId: inClass.id,
    name: groupName || title,
    /** The last day of who looks, in words; null for who stays. */
    lastDay: until && day(until),
    days: daysAhead(now, place, {
      year: inClass.year,
      lastDay: until && lastDayOf(until, inClass.timeZone),
    }),
    assignments,
    waiting,
    slips: slips.slice(0, MOST_SHOWN),
    lines: lines
      .filter((line) => line.words !== '' && line.personId !== personId && named.has(line.personId))
      .map((line) => ({
        personId: line.personId,
        name: named.get(line.personId) ?? '',
        words: line.words,
        at: momentInWords(line.at.getTime(), timeZone, language),
      })),
    own: { words: own?.words ?? '', version: own?.version ?? 0 },
    teachers: teachers
      .filter((member) => member.personId !== personId)
      .map((member) => ({
        personId: member.personId,
        name: teacherName(member),
        monogram: monogram(member),
        role: member.role,
        lastDay: member.until && day(member.until),
      })),
  };
}

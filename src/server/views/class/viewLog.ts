import { may } from '../../../core/access/may';
import { nameInClass, teacherName } from '../../../core/people/names';
import { momentInWords } from '../../../core/timing/inWords';
import { listAuditLines } from '../../ground/access/auditLog';
import { database } from '../../ground/database/database';
import { isTeacher, type Desk } from '../../deeds/sessions/desk';
import { listEverMembers } from '../../tables/memberships';

const LINES_AT_ONCE = 100;

/**
 * What was done in a class, by whom, the latest first; null for everybody but its teachers.
 * @param before an instant: only what was done earlier is listed
 */
export async function maybeLog({ personId, role, inClass, now, place }: Desk, before: Date | null) {
  if (!may({ personId, role }, 'class.readLog', {})) return null;
  const members = new Map((await listEverMembers(database, inClass.id)).map((one) => [one.personId, one]));
  const lines = await listAuditLines(database, {
    classId: inClass.id,
    before: before ?? new Date(now.getTime() + 1),
    most: LINES_AT_ONCE + 1,
  });
  const shown = lines.slice(0, LINES_AT_ONCE);
  const last = shown.at(-1);
  return {
    classId: inClass.id,
    lines: shown.map((line) => {
      const actor = line.actorId === null ? undefined : members.get(line.actorId);
      return {
        id: line.id,
        when: momentInWords(line.at.getTime(), place.timeZone, place.language),
        who: actor ? (isTeacher(actor.role) ? teacherName(actor) : nameInClass(actor)) : null,
        useCase: line.useCase,
        about: line.about,
      };
    }),
    earlier: lines.length > LINES_AT_ONCE && last ? last.at.toISOString() : null,
  };
}

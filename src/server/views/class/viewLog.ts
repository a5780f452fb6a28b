import { may } from '../../../core/access/may';
import { numberShown } from '../../../core/people/drawnNumber';
import { teacherName } from '../../../core/people/names';
import { momentInWords } from '../../../core/timing/inWords';
import { listAuditLines, type AuditLogRow } from '../../ground/access/auditLog';
import { database } from '../../ground/database/database';
import { memberShown } from '../../deeds/subjects/memberShown';
import type { Desk } from '../../deeds/sessions/desk';
import { listHiddenNames } from '../../tables/hiddenNames';
import { listReadTwice } from '../../tables/secondReadings';
import { listEverMembers, type MemberRow } from '../../tables/memberships';

const LINES_AT_ONCE = 100;

/**
 * What was done in a class, by whom, the latest first; null for everybody but its teachers.
 * `before`: an instant; only what was done earlier is listed. `person`: only what they did, or what was done about them.
 */
export async function maybeLog(
  { personId, role, inClass, now, place }: Desk,
  { before, person }: { readonly before: Date | null; readonly person: string | null },
) {
  if (!may({ personId, role }, 'class.readLog', {})) return null;
  const members = new Map((await listEverMembers(database, inClass.id)).map((one) => [one.personId, one]));
  const lines = await listAuditLines(database, {
    classId: inClass.id,
    before: before ?? new Date(now.getTime() + 1),
    most: LINES_AT_ONCE + 1,
    personId: person,
  });
  const hidden = await listHiddenNames(database, { classId: inClass.id }, personId);
  const numberOf = ({ subjectId }: AuditLogRow) => hidden.get(subjectId ?? '');
  const twice = await listReadTwice(database, inClass.id);
  const page = lines.slice(0, LINES_AT_ONCE);
  const last = page.at(-1);
  // Looked through for one child, the log would say which number is theirs.
  const shown = page.filter((line) => person !== line.aboutId || numberOf(line) === undefined);
  return {
    classId: inClass.id,
    lines: shown.map((line) => {
      const number = numberOf(line);
      const isOwn = line.aboutId === line.actorId;
      const whom = isOwn ? undefined : members.get(line.aboutId ?? '');
      return {
        id: line.id,
        when: momentInWords(line.at.getTime(), place.timeZone, place.language),
        who:
          number !== undefined && isOwn ? numberShown(number) : nameOf(line, members.get(line.actorId ?? '')),
        /** From outside the class, who runs the install is told as that. */
        administrator: line.administrates === 1 && !members.has(line.actorId ?? ''),
        whom: number !== undefined && whom ? numberShown(number) : (whom?.shownName ?? null),
        ...(twice.has(line.subjectId ?? '') && line.actorId !== personId
          ? { before: null, after: null }
          : { before: line.before, after: line.after }),
        useCase: line.useCase,
        about: line.about,
      };
    }),
    person,
    people: [...members.values()].map((one) => ({
      personId: one.personId,
      name: memberShown(one),
    })),
    earlier: lines.length > LINES_AT_ONCE && last ? last.at.toISOString() : null,
  };
}

/** As the class knows them; an administrator from outside by their whole name; null for who is gone. */
function nameOf(line: AuditLogRow, member: MemberRow | undefined): string | null {
  if (member) return memberShown(member);
  if (line.givenName === null) return null;
  return teacherName({ givenName: line.givenName, familyName: line.familyName ?? '' });
}

import { may } from '../../../core/access/may';
import { awayUntil } from '../../../core/classes/absences';
import { groupedBy } from '../../../core/groupedBy';
import { monogram } from '../../../core/people/names';
import { consentOn } from '../../../core/privacy/consent';
import { localDate } from '../../../core/timing/zonedTime';
import {
  agoInWords,
  dateInWords,
  dayInWords,
  localDayInWords,
  monthInWords,
} from '../../../core/timing/inWords';
import { listAbsencesIn, type AbsenceRow } from '../../tables/absences';
import { listAssignments } from '../../tables/assignments';
import { listClassesOf } from '../../tables/classes';
import { listConsentsOfClass } from '../../tables/consents';
import { database } from '../../ground/database/database';
import type { Desk } from '../../deeds/sessions/desk';
import { listLockedStudents } from '../../ground/limits/queries';
import { listRequestsOf, listRequestsTo } from '../../tables/joinRequests';
import { listPlacesElsewhere, listRoster, type RosterRow } from '../../tables/roster';
import { requestShown } from './requestShown';

/** How a student gets in: what is known of their sign-in. */
export type SignInState = 'noCard' | 'notUsed' | 'locked' | 'used' | 'ownAccount' | 'otherHome';

/** The people of a class for the teachers who run it; null for everybody else. */
export async function maybeRoster({ personId, role, inClass, now, place }: Desk) {
  if (!may({ personId, role }, 'roster.read', {})) return null;
  const locked = await listLockedStudents(database, { classId: inClass.id, now });
  const rows = await listRoster(database, inClass.id);
  const consents = await listConsentsOfClass(database, inClass.id);
  const today = localDate(now.getTime(), inClass.timeZone);
  const set = (await listAssignments(database, inClass.id, now)).filter((one) => one.setAt !== null).length;
  const others = (await listClassesOf(database, personId)).filter(
    (one) => one.id !== inClass.id && may({ personId, role: one.role }, 'roster.change', {}),
  );
  const alsoIn = await placesElsewhere(inClass.id);
  const absences = groupedBy(await listAbsencesIn(database, { classId: inClass.id }), (one) => one.personId);
  const request = requestShown(now, place);
  const shown = rows.map((row) => ({
    personId: row.personId,
    name: row.shownName,
    monogram: monogram(row),
    givenName: row.givenName,
    familyName: row.familyName,
    penName: row.penName ?? '',
    email: row.email ?? '',
    schoolId: row.schoolId ?? '',
    group: row.groupName ?? '',
    signIn: signInState(row, inClass.id, locked),
    wrongTries: locked.get(row.personId) ?? 0,
    lastSeen:
      row.lastSeenAt && agoInWords(row.lastSeenAt.getTime(), now.getTime(), place.timeZone, place.language),
    lastSeenAt: row.lastSeenAt?.getTime(),
    posts: row.posts,
    consents: consents
      .filter((one) => one.personId === row.personId)
      .map(({ id, givenBy, relation, purposes, givenOn, until, withdrawn }) => ({
        id,
        givenBy,
        relation,
        purposes,
        givenOn,
        until,
        untilShown: until && monthInWords(until, place.language),
        withdrawn,
        holds: consentOn([{ purposes, givenOn, until, withdrawn }], today).size > 0,
      })),
    absences: absencesShown(absences.get(row.personId) ?? [], today, place.language),
    awayUntil: awayUntil(absences.get(row.personId) ?? [], today, place.language),
    goneForGood: row.eraseAt && dateInWords(row.eraseAt.getTime(), place.timeZone, place.language),
    home: {
      ours: row.standing.homeClassId === inClass.id,
      title: row.homeTitle,
    },
    alsoIn: alsoIn(row.personId),
    left: row.leftAt && dayInWords(row.leftAt.getTime(), place.timeZone, place.language),
  }));
  return {
    classId: inClass.id,
    code: inClass.code,
    consentNeeded: inClass.consentNeeded,
    today,
    assignments: set,
    students: shown.filter((one) => one.left === null),
    gone: shown.filter((one) => one.left !== null),
    requests: {
      toUs: (await listRequestsTo(database, inClass.id)).map(request),
      ofUs: (await listRequestsOf(database, inClass.id)).map(request),
    },
    otherClasses: others.map(({ id, title, groupName }) => ({ id, title, groupName })),
  };
}

/** Absences in words; those that are over come last. */
function absencesShown(absences: readonly AbsenceRow[], today: string, language: string) {
  const shown = absences.map(({ id, from, to }) => ({
    id,
    from: localDayInWords(from, language),
    /** Null for a single day. */
    to: from === to ? null : localDayInWords(to, language),
    over: to < today,
  }));
  return shown.toSorted((one, another) => Number(one.over) - Number(another.over));
}

function signInState(row: RosterRow, classId: string, locked: ReadonlyMap<string, number>): SignInState {
  if (row.standing.ownSignIn) return 'ownAccount';
  if (row.standing.homeClassId !== classId) return 'otherHome';
  if (!row.hasPasscode) return 'noCard';
  if (locked.has(row.personId)) return 'locked';
  const used =
    row.lastSeenAt !== null && (row.passcodeMadeAt === null || row.lastSeenAt >= row.passcodeMadeAt);
  return used ? 'used' : 'notUsed';
}

/** In which further classes each student of a class is. */
async function placesElsewhere(classId: string) {
  const places = await listPlacesElsewhere(database, classId);
  return (personId: string) =>
    places
      .filter((one) => one.personId === personId)
      .map(({ classId: id, title, groupName }) => ({
        id,
        title: [title, groupName].filter(Boolean).join(', '),
      }));
}

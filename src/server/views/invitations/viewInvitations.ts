import { may } from '../../../core/access/may';
import { nameInClass } from '../../../core/people/names';
import { dateInWords } from '../../../core/timing/inWords';
import { listEverMembers } from '../../tables/memberships';
import { database } from '../../ground/database/database';
import { listRoster } from '../../tables/roster';
import type { Desk } from '../../deeds/sessions/desk';
import { invitationState } from '../../deeds/invitations/findInvitation';
import { listInvitations } from '../../tables/invitations';

/** The invitations of a class for the teachers who run it; null for everybody else. */
export async function maybeInvitations({ personId, role, inClass, now, place }: Desk) {
  if (!may({ personId, role }, 'roster.read', {})) return null;
  const invitations = await listInvitations(database, inClass.id);
  const names = new Map(
    (await listEverMembers(database, inClass.id)).map((one) => [one.personId, one.shownName]),
  );
  const day = (at: Date) => dateInWords(at.getTime(), place.timeZone, place.language);
  const asked = new Set(invitations.filter((one) => !one.withdrawnAt).map((one) => one.personId));
  const withAddress = (await listRoster(database, inClass.id)).filter(
    (one) => one.email !== null && !one.hasPassword && !one.leftAt && !asked.has(one.personId),
  );
  return {
    classId: inClass.id,
    invitations: invitations.map((one) => ({
      id: one.id,
      email: one.email,
      role: one.role,
      for: one.personId === null ? null : (names.get(one.personId) ?? null),
      state: invitationState(one, now),
      sent: day(one.sentAt),
      until: day(one.expiresAt),
    })),
    /** Students of the roster who have an address and were not asked yet. */
    students: withAddress.map((one) => ({
      personId: one.personId,
      name: nameInClass(one),
      email: one.email ?? '',
    })),
  };
}

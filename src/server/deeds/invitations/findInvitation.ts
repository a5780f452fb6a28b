import { database } from '../../ground/database/database';
import { findClass } from '../../tables/classes';
import { findPersonByEmail } from '../../tables/people';
import { tokenHash } from '../../ground/secrets/secrets';
import { findInvitationByToken, type InvitationRow, type InvitedRole } from '../../tables/invitations';

/** What an invitation's link still is. */
export type InvitationState = 'open' | 'expired' | 'used' | 'withdrawn';

export interface ShownInvitation {
  readonly state: InvitationState;
  readonly classId: string;
  readonly title: string;
  readonly schoolName: string;
  readonly role: InvitedRole;
  readonly email: string;
  /** Whether there is an account with that address already. */
  readonly hasAccount: boolean;
}

export function invitationState(invitation: InvitationRow, now: Date): InvitationState {
  if (invitation.acceptedAt) return 'used';
  if (invitation.withdrawnAt) return 'withdrawn';
  if (invitation.until && invitation.until <= now) return 'expired';
  return invitation.expiresAt <= now ? 'expired' : 'open';
}

/** The invitation behind a link, or null for a link that leads nowhere. */
export async function findInvitation(token: string, now: Date): Promise<ShownInvitation | null> {
  const invitation = await findInvitationByToken(database, tokenHash(token));
  const inClass = invitation && (await findClass(database, invitation.classId));
  if (!invitation || !inClass) return null;
  const person = await findPersonByEmail(database, invitation.email);
  return {
    state: invitationState(invitation, now),
    classId: inClass.id,
    title: inClass.title,
    schoolName: inClass.schoolName,
    role: invitation.role,
    email: invitation.email,
    hasAccount: person !== null && (person.passwordHash !== null || person.account !== null),
  };
}

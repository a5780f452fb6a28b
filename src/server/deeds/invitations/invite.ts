import { invite as deed } from '../../../contract/invitations/invite';
import { endOfLastDay } from '../../../core/classes/lastDay';
import { comparableEmail, isEmailAddress } from '../../../core/people/emailAddress';
import { whyNotTheirs } from '../../../core/roster/takingIn';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { findMembership } from '../../tables/memberships';
import { findStudentStanding } from '../../tables/standing';
import { insertInvitation, listInvitations } from '../../tables/invitations';
import { classUseCase } from '../subjects/classUseCase';
import { sendInvitation } from './sendInvitation';

const MOST_OPEN = 300;

export const invite = classUseCase(deed, {
  // One open invitation for an address, and a bound for all.
  turn: true,
  async run({ classId, role, personId, lastDay = null, ...input }, inClass, context) {
    const { database, now } = context;
    const email = comparableEmail(input.email);
    if (!isEmailAddress(email)) return refused('invitation.notAnAddress', 'email');
    if ((role === 'supplyTeacher') !== (lastDay !== null))
      return refused('roster.lastDay.missing', 'lastDay');
    const end = lastDay === null ? null : endOfLastDay(lastDay, now, inClass.timeZone);
    if (end?.ok === false) return refused(`roster.lastDay.${end.problem}`, 'lastDay');
    if (personId !== null) {
      const membership = await findMembership(database, classId, personId);
      if (!membership || membership.leftAt || membership.role !== 'student' || role !== 'student')
        return NOT_THERE;
      const student = await findStudentStanding(database, personId);
      const problem = student && whyNotTheirs(student, classId);
      if (problem) return refused(`roster.${problem === 'ownSignIn' ? 'ownAccount' : problem}`, 'email');
    }
    const open = (await listInvitations(database, classId)).filter(
      (one) => !one.acceptedAt && !one.withdrawnAt && one.expiresAt > now,
    );
    if (open.some((one) => one.email === email)) return refused('invitation.isOpen', 'email');
    // A class is no means for writing to strangers.
    if (open.length >= MOST_OPEN) return refused('invitation.tooMany', 'email');
    const id = newId();
    const link = await sendInvitation(context, inClass, { email, role });
    if (!link) return refused('invitation.tooManyLetters', 'email');
    await insertInvitation(database, {
      id,
      classId,
      role,
      email,
      personId,
      until: end?.until ?? null,
      invitedBy: context.personId,
      ...link,
    });
    return done({ invitationId: id });
  },
});

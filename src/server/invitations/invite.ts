import { comparableEmail, isEmailAddress } from '../../core/people/emailAddress';
import { done, NOT_THERE, refused } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { newId } from '../database/newId';
import { whyNotTheirs } from '../../core/roster/takingIn';
import { findMembership } from '../people/rosterQueries';
import { findStudentStanding } from '../people/standing';
import { insertInvitation, listInvitations, type InvitedRole } from './queries';
import { sendInvitation } from './sendInvitation';

interface Input {
  readonly classId: string;
  readonly role: InvitedRole;
  readonly email: string;
  /** The student of the roster that it is for; null for everybody else. */
  readonly personId: string | null;
}

const MOST_OPEN = 300;

/** Asks somebody into a class by mail: a co-teacher, a student editor, a reader, or a student who has an address. */
export const invite = classUseCase<Input, { readonly invitationId: string }>({
  name: 'invite',
  action: 'roster.change',
  // One open invitation for an address, and a bound for all.
  turn: true,
  fields: {
    role: { enum: ['coTeacher', 'studentEditor', 'student', 'reader'] },
    email: { type: 'string', maxLength: 254 },
    personId: { type: ['string', 'null'], maxLength: 16 },
  },
  async run({ classId, role, personId, ...input }, inClass, context) {
    const { database, now } = context;
    const email = comparableEmail(input.email);
    if (!isEmailAddress(email)) return refused('invitation.notAnAddress', 'email');
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
    await insertInvitation(database, {
      id,
      classId,
      role,
      email,
      personId,
      invitedBy: context.personId,
      ...link,
    });
    return done({ invitationId: id });
  },
});

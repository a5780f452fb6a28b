import { resendInvitation as deed } from '../../../contract/invitations/resendInvitation';
import { comparableEmail, isEmailAddress } from '../../../core/people/emailAddress';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { lockInvitation, renewInvitation } from '../../tables/invitations';
import { classUseCase } from '../subjects/classUseCase';
import { sendInvitation } from './sendInvitation';

export const resendInvitation = classUseCase(deed, {
  async run({ classId, invitationId, ...input }, inClass, context) {
    const invitation = await lockInvitation(context.database, invitationId);
    if (!invitation || invitation.classId !== classId) return NOT_THERE;
    if (invitation.acceptedAt) return refused('invitation.used', 'email');
    const email = comparableEmail(input.email);
    if (!isEmailAddress(email)) return refused('invitation.notAnAddress', 'email');
    const link = await sendInvitation(context, inClass, { email, role: invitation.role });
    if (!link) return refused('invitation.tooManyLetters', 'email');
    await renewInvitation(context.database, { id: invitationId, email, ...link });
    return done(null);
  },
});

import { withdrawInvitation as deed } from '../../contract/invitations/withdrawInvitation';
import { done, NOT_THERE, refused } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { lockInvitation, markWithdrawn } from './queries';

export const withdrawInvitation = classUseCase(deed, {
  async run({ classId, invitationId }, _, { database, now }) {
    const invitation = await lockInvitation(database, invitationId);
    if (!invitation || invitation.classId !== classId) return NOT_THERE;
    if (invitation.acceptedAt) return refused('invitation.used');
    await markWithdrawn(database, invitationId, now);
    return done(null);
  },
});

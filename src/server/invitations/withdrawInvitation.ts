import { idSchema } from '../input/idSchema';
import { done, NOT_THERE, refused } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { lockInvitation, markWithdrawn } from './queries';

interface Input {
  readonly classId: string;
  readonly invitationId: string;
}

/** Takes an invitation back: its link stops working. */
export const withdrawInvitation = classUseCase<Input, null>({
  name: 'withdrawInvitation',
  action: 'roster.change',
  whileResting: true,
  fields: { invitationId: idSchema },
  async run({ classId, invitationId }, _, { database, now }) {
    const invitation = await lockInvitation(database, invitationId);
    if (!invitation || invitation.classId !== classId) return NOT_THERE;
    if (invitation.acceptedAt) return refused('invitation.used');
    await markWithdrawn(database, invitationId, now);
    return done(null);
  },
});

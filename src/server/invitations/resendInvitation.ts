import { idSchema } from '../input/idSchema';
import { comparableEmail, isEmailAddress } from '../../core/people/emailAddress';
import { done, NOT_THERE, refused } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { lockInvitation, renewInvitation } from './queries';
import { sendInvitation } from './sendInvitation';

interface Input {
  readonly classId: string;
  readonly invitationId: string;
  /** Where it goes now: the same address again, or a corrected one. */
  readonly email: string;
}

/** Sends an invitation again, to a corrected address if need be. The earlier link stops working. */
export const resendInvitation = classUseCase<Input, null>({
  name: 'resendInvitation',
  action: 'roster.change',
  fields: {
    invitationId: idSchema,
    email: { type: 'string', maxLength: 254 },
  },
  async run({ classId, invitationId, ...input }, inClass, context) {
    const invitation = await lockInvitation(context.database, invitationId);
    if (!invitation || invitation.classId !== classId) return NOT_THERE;
    if (invitation.acceptedAt) return refused('invitation.used', 'email');
    const email = comparableEmail(input.email);
    if (!isEmailAddress(email)) return refused('invitation.notAnAddress', 'email');
    const link = await sendInvitation(context, inClass, { email, role: invitation.role });
    await renewInvitation(context.database, { id: invitationId, email, ...link });
    return done(null);
  },
});

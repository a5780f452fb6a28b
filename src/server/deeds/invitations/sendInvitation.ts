import { languageOf, placeOf } from '../../../core/languages/languages';
import { teacherName } from '../../../core/people/names';
import { dateInWords } from '../../../core/timing/inWords';
import type { Context } from '../../ground/access/useCase';
import type { ClassRow } from '../../tables/classes';
import { sendMail } from '../../ground/mail/sendMail';
import { takeSome } from '../../ground/limits/takeTry';
import { findPerson } from '../../tables/people';
import { newToken, tokenHash } from '../../ground/secrets/secrets';
import { getSettings } from '../../ground/settings/settings';
import type { InvitedRole } from '../../tables/invitations';

const VALID = 14 * 24 * 3_600_000;

/** A link's token as it is kept, and how long it works. */
export interface InvitationLink {
  readonly tokenHash: Buffer;
  readonly sentAt: Date;
  readonly expiresAt: Date;
}

/** Makes a new link and puts the mail with it on the list; null where so many were sent that one more is refused. */
export async function sendInvitation(
  { database, personId, now }: Context & { readonly personId: string },
  inClass: ClassRow,
  { email, role }: { readonly email: string; readonly role: InvitedRole },
): Promise<InvitationLink | null> {
  for (const [name, subject] of [
    ['invitations', email],
    ['invitationsOf', inClass.id],
  ] as const)
    if ((await takeSome(name, { subject, now, many: 1 }, database)) === 0) return null;
  const token = newToken();
  const expiresAt = new Date(now.getTime() + VALID);
  const inviter = await findPerson(database, personId);
  const { timeZone, language } = placeOf(inClass);
  await sendMail(database, {
    to: email,
    kind: 'invitation',
    language: languageOf(null, inClass.language),
    values: {
      inviter: inviter ? teacherName(inviter) : '',
      title: inClass.title,
      school: inClass.schoolName || inClass.title,
      role,
      link: `${getSettings().origin}/invitation/${token}`,
      until: dateInWords(expiresAt.getTime(), timeZone, language),
    },
    now,
  });
  return { tokenHash: tokenHash(token), sentAt: now, expiresAt };
}

import type { HouseLanguage } from '../../../core/languages/languages';
import type { Database } from '../../ground/database/database';
import { sendMail } from '../../ground/mail/sendMail';
import { newToken, tokenHash } from '../../ground/secrets/secrets';
import { getSettings } from '../../ground/settings/settings';
import { insertPasswordReset } from '../../tables/passwordLinks';

/** Sends somebody a link with which they choose a password. @param valid how long it works, in milliseconds */
export async function sendPasswordLink(
  database: Database,
  {
    personId,
    to,
    kind,
    language,
    values = {},
    valid,
    now,
  }: {
    readonly personId: string;
    readonly to: string;
    readonly kind: 'newPassword' | 'newAccount';
    readonly language: HouseLanguage;
    readonly values?: Readonly<Record<string, string>>;
    readonly valid: number;
    readonly now: Date;
  },
): Promise<void> {
  const token = newToken();
  const expiresAt = new Date(now.getTime() + valid);
  await insertPasswordReset(database, { tokenHash: tokenHash(token), personId, expiresAt });
  const link = `${getSettings().origin}/new-password/${token}`;
  await sendMail(database, { to, kind, language, values: { ...values, link }, now });
}

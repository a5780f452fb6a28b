import { createTranslator, type AbstractIntlMessages } from 'next-intl';
import messages from '../../../messages/en.json';
import type { Database } from '../database/database';
import { insertJob } from '../jobs/queries';

/** The mails that are written, by their key under `mail` in the message catalogue. */
type MailKind = 'invitation' | 'newPassword' | 'noAccount' | 'newAccount' | 'draftToOpen';

// The type of the whole catalogue is more than the compiler wants to follow here.
const MESSAGES: AbstractIntlMessages = messages.mail;

/** Writes a mail from the message catalogue and puts it on the list of what is to be sent. */
export async function sendMail(
  database: Database,
  {
    to,
    kind,
    values,
    now,
  }: {
    readonly to: string;
    readonly kind: MailKind;
    readonly values: Readonly<Record<string, string>>;
    readonly now: Date;
  },
): Promise<void> {
  const t: unknown = createTranslator({ locale: 'en', messages: MESSAGES });
  const say = t as (key: string, values: Readonly<Record<string, string>>) => string;
  const payload = { to, subject: say(`${kind}.subject`, values), text: say(`${kind}.text`, values) };
  await insertJob(database, { kind: 'sendMail', payload, at: now });
}

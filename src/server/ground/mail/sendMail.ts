import type { HouseLanguage } from '../../../core/languages/languages';
import type { Database } from '../database/database';
import { insertJob } from '../jobs/queries';
import { sayIn } from '../language/sayIn';

/** The mails that are written, by their key under `mail` in the message catalogue. */
type MailKind =
  | 'invitation'
  | 'newPassword'
  | 'noAccount'
  | 'newAccount'
  | 'draftToOpen'
  | 'reminder'
  | 'worry'
  | 'worryAnswered'
  | 'notice'
  | 'digest';

/** Writes a mail from the message catalogue and puts it on the list of what is to be sent. */
export async function sendMail(
  database: Database,
  {
    to,
    kind,
    language,
    values,
    now,
  }: {
    readonly to: string;
    readonly kind: MailKind;
    /** The language of whoever gets it. */
    readonly language: HouseLanguage;
    readonly values: Readonly<Record<string, string>>;
    readonly now: Date;
  },
): Promise<void> {
  const say = sayIn(language, 'mail');
  const payload = { to, subject: say(`${kind}.subject`, values), text: say(`${kind}.text`, values) };
  await insertJob(database, { kind: 'sendMail', payload, at: now });
}

import { languageOf } from '../../../core/languages/languages';
import { inTransaction, database } from '../../ground/database/database';
import { sayIn } from '../../ground/language/sayIn';
import { sendMail } from '../../ground/mail/sendMail';
import { getSettings } from '../../ground/settings/settings';
import { deleteNotices, findToWriteTo, listReached, lockNotices } from '../../tables/mailNotices';

/** So many lines stand in one mail; the others are on Today. */
const MOST_LINES = 30;

/** Writes to everybody who wants it once a day what came together since yesterday: a line each, with the way there. */
export async function sendDigests(_: unknown, __: string, now: Date): Promise<void> {
  for (
    let personId = await findToWriteTo(database);
    personId !== null;
    personId = await findToWriteTo(database)
  )
    await writeTo(personId, now);
}

/** One person's mail and what is taken off the list for it are one transaction: it is written once. */
async function writeTo(personId: string, now: Date): Promise<void> {
  await inTransaction(async (transaction) => {
    const notices = await lockNotices(transaction, personId);
    await deleteNotices(transaction, personId, notices.at(-1)?.id ?? 0);
    const [person] = await listReached(transaction, [personId]);
    // Who chose never to be written to meanwhile is not.
    if (!person || notices.length === 0) return;
    const language = languageOf(person.language, null);
    const say = sayIn(language, 'mail');
    const { origin } = getSettings();
    const lines = notices
      .slice(0, MOST_LINES)
      .map(({ kind, path }) => `${say(`notices.${kind}`)}\n${origin}${path}`)
      .join('\n\n');
    await sendMail(transaction, {
      to: person.email,
      kind: 'digest',
      language,
      values: { name: person.givenName, lines, account: `${origin}/account` },
      now,
    });
  });
}

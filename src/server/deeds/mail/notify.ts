import { languageOf } from '../../../core/languages/languages';
import type { NoticeKind } from '../../../core/people/notices';
import type { Database } from '../../ground/database/database';
import { sayIn } from '../../ground/language/sayIn';
import { sendMail } from '../../ground/mail/sendMail';
import { getSettings } from '../../ground/settings/settings';
import { insertNotice, listReached, listTeaching } from '../../tables/mailNotices';

interface Notice {
  readonly kind: NoticeKind;
  /** Where it leads. */
  readonly path: string;
  /** The language of the class, for who chose none. */
  readonly language: string;
  readonly now: Date;
}

/**
 * Writes to some people what waits for them: one line and a way there, never a word of a child's; at once, or once a day, as each of
 * them chose.
 */
export async function notify(
  database: Database,
  personIds: readonly string[],
  { kind, path, language, now }: Notice,
): Promise<void> {
  for (const one of await listReached(database, personIds)) {
    if (one.choice === 'daily') {
      await insertNotice(database, { personId: one.personId, kind, path, at: now });
      continue;
    }
    const spoken = languageOf(one.language, language);
    const { origin } = getSettings();
    await sendMail(database, {
      to: one.email,
      kind: 'notice',
      language: spoken,
      values: {
        name: one.givenName,
        what: sayIn(spoken, 'mail')(`notices.${kind}`),
        link: origin + path,
        account: `${origin}/account`,
      },
      now,
    });
  }
}

/** The same to those who teach a class, but for who did it. */
export async function notifyTeachers(
  database: Database,
  { classId, but }: { readonly classId: string; readonly but: string },
  notice: Notice,
): Promise<void> {
  const teachers = (await listTeaching(database, classId)).filter((id) => id !== but);
  await notify(database, teachers, notice);
}

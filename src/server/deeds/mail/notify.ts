import { addressesOf, reviewAddress } from '../../../contract/addresses';
import { languageOf } from '../../../core/languages/languages';
import type { NoticeKind } from '../../../core/people/notices';
import type { Database } from '../../ground/database/database';
import { sayIn } from '../../ground/language/sayIn';
import { sendMail } from '../../ground/mail/sendMail';
import { getSettings } from '../../ground/settings/settings';
import type { ClassRow } from '../../tables/classes';
import { insertNotice, listReached, listTeaching } from '../../tables/mailNotices';
import type { PostRow } from '../../tables/posts';

interface Notice {
  readonly kind: NoticeKind;
  /** Where it leads. */
  readonly path: string;
  /** The language of the class, for who chose none. */
  readonly language: string;
  readonly now: Date;
  /** Whether more of the same waits already: who is written to at once knows of it. */
  readonly known?: boolean;
}

/**
 * Writes to some people what waits for them: one line and a way there, never a word of a child's; at once, or once a day, as each of
 * them chose.
 */
async function notify(
  database: Database,
  personIds: readonly string[],
  { kind, path, language, now, known = false }: Notice,
): Promise<void> {
  for (const one of await listReached(database, personIds)) {
    if (one.choice === 'daily') {
      await insertNotice(database, { personId: one.personId, kind, path, at: now });
      continue;
    }
    if (known) continue;
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

/** A post with the class that it belongs to. */
interface About {
  readonly post: Pick<PostRow, 'id' | 'classId' | 'writerId'>;
  readonly inClass: Pick<ClassRow, 'language'>;
}

/** The same to the writer of a post: the way leads to the desk. */
export async function notifyWriter(
  database: Database,
  kind: NoticeKind,
  { post, inClass: { language } }: About,
  now: Date,
): Promise<void> {
  const path = addressesOf(post.classId).post(post.id);
  await notify(database, [post.writerId], { kind, path, language, now });
}

/** The same to those who teach the class of a post, but for its writer: the way leads to its review. */
export async function notifyTeachers(
  database: Database,
  kind: NoticeKind,
  { post, inClass: { language } }: About,
  now: Date,
): Promise<void> {
  const teachers = (await listTeaching(database, post.classId)).filter((id) => id !== post.writerId);
  await notify(database, teachers, { kind, path: reviewAddress(post.id), language, now });
}

/**
 * The same to those who teach a class, about a comment that waits there: the way leads to all that wait.
 * @param waiting how many do, with this one
 */
export async function notifyOfComment(
  database: Database,
  { id, language }: Pick<ClassRow, 'id' | 'language'>,
  { waiting, now }: { readonly waiting: number; readonly now: Date },
): Promise<void> {
  const path = addressesOf(id).comments;
  const notice = { kind: 'commentWaits', path, language, now, known: waiting > 1 } as const;
  await notify(database, await listTeaching(database, id), notice);
}

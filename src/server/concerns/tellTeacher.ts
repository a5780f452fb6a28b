import { tellTeacher as door } from '../../contract/doors/tellTeacher';
import type { InputOf } from '../../contract/door';
import { done, NOT_THERE, refused, type Result } from '../access/useCase';
import { maybePost } from '../blog/viewBlog';
import type { Reader } from '../blog/reader';
import { findPost } from '../posts/queries';
import { database } from '../database/database';
import { newId } from '../database/newId';
import { checkOf } from '../input/validate';
import { takeTry, takeTurn, type Rest } from '../limits/takeTry';
import { insertConcern } from './queries';

const check = checkOf<InputOf<typeof door>>(door.input);

/** Tells the teachers of a class that something is wrong with a post or a comment under it. Whoever can read it can say so, signed in or not. */
export async function tellTeacher(
  input: unknown,
  from: { readonly reader: Reader; readonly address: string; readonly now: Date; readonly wait?: Rest },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok)
    return refused(`input.${checked.problem.key}`, checked.field, { wanted: checked.problem.wanted });
  const { blog, post: address } = checked.value;
  const words = checked.value.words.trim();
  if (words === '') return refused('concern.noWords', 'words');
  const { reader, now } = from;
  const shown = await maybePost(blog, address, reader, now);
  const post = shown && (await findPost(database, shown.postId));
  if (!post) return NOT_THERE;
  const { comment: commentId = null } = checked.value;
  if (commentId !== null && !shown.comments?.list.some((one) => one.id === commentId)) return NOT_THERE;
  // Nobody buries a class under them; those without a name come one after the other.
  const taken =
    reader.personId === null
      ? await takeTurn('concernFrom', { ...from, subject: from.address })
      : await takeTry('concern', { subject: reader.personId, now });
  if (!taken.allowed) return refused('concern.tooMany', 'words');
  await insertConcern(database, {
    id: newId(),
    classId: post.classId,
    postId: post.id,
    commentId,
    toldBy: reader.personId,
    words,
    toldAt: now,
  });
  return done(null);
}

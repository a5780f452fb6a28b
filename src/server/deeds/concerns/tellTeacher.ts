import { tellTeacher as door } from '../../../contract/doors/tellTeacher';
import type { InputOf } from '../../../contract/input';
import { done, NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import type { Reader } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { inputCheckOf } from '../../ground/access/checkInput';
import { takeTry, takeTurn, type Rest } from '../../ground/limits/takeTry';
import { insertCase } from '../../tables/cases';
import { listShownComments } from '../readers/listShownComments';
import { maybePublished, subjectOf } from '../readers/openBlog';

const check = inputCheckOf<InputOf<typeof door>>(door.input);

/** Tells the teachers of a class that something is wrong with a post or a comment under it. Whoever can read it can say so, signed in or not. */
export async function tellTeacher(
  input: unknown,
  from: { readonly reader: Reader; readonly address: string; readonly now: Date; readonly wait?: Rest },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  const { blog, post: address } = checked.value;
  const words = checked.value.words.trim();
  if (words === '') return refused('concern.noWords', 'words');
  const { reader, now } = from;
  const found = await maybePublished(blog, address, reader, now);
  if (!found) return NOT_THERE;
  const { postId } = found.post;
  const { comment: commentId = null } = checked.value;
  const around = { ...found.blog, subject: subjectOf(found.blog, found.post) };
  const comment =
    commentId === null
      ? null
      : (await listShownComments(postId, around))?.find((one) => one.id === commentId);
  if (comment === undefined) return NOT_THERE;
  // Nobody buries a class under them; those without a name come one after the other.
  const taken =
    reader.personId === null
      ? await takeTurn('concernFrom', { ...from, subject: from.address })
      : await takeTry('concern', { subject: reader.personId, now });
  if (!taken.allowed) return refused('concern.tooMany', 'words');
  await insertCase(database, {
    id: newId(),
    classId: found.blog.inClass.id,
    postId,
    commentId,
    kept: comment && comment.text,
    aboutId: comment ? comment.authorId : found.post.writerId,
    toldBy: reader.personId,
    words,
    toldAt: now,
  });
  return done(null);
}

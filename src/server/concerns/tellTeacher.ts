import { done, NOT_THERE, refused, type Result } from '../access/useCase';
import { maybePost } from '../blog/viewBlog';
import type { Reader } from '../blog/reader';
import { findPost } from '../posts/queries';
import { database } from '../database/database';
import { newId } from '../database/newId';
import { checkOf } from '../input/validate';
import { isLimited } from '../sessions/limits';
import { insertFailure } from '../sessions/queries';
import { insertConcern } from './queries';

interface Input {
  readonly blog: string;
  readonly post: string;
  readonly words: string;
  /** A comment under the post that it is about. */
  readonly comment?: string;
}

const check = checkOf<Input>({
  type: 'object',
  required: ['blog', 'post', 'words'],
  additionalProperties: false,
  properties: {
    blog: { type: 'string', maxLength: 60 },
    post: { type: 'string', maxLength: 100 },
    words: { type: 'string', maxLength: 2000 },
    comment: { type: 'string', maxLength: 16 },
  },
});

/** Tells the teachers of a class that something is wrong with a post or a comment under it. Whoever can read it can say so, signed in or not. */
export async function tellTeacher(
  input: unknown,
  from: { readonly reader: Reader; readonly address: string; readonly now: Date },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok)
    return refused(`input.${checked.problem.key}`, checked.field, { wanted: checked.problem.wanted });
  const { blog, post: address } = checked.value;
  const words = checked.value.words.trim();
  if (words === '') return refused('concern.noWords', 'words');
  const { reader, now } = from;
  const account = `concern ${reader.personId ?? from.address}`;
  if (await isLimited(database, { account, address: from.address, now }))
    return refused('concern.tooMany', 'words');
  const shown = await maybePost(blog, address, reader, now);
  const post = shown && (await findPost(database, shown.postId));
  if (!post) return NOT_THERE;
  const { comment: commentId = null } = checked.value;
  if (commentId !== null && !shown.comments?.list.some((one) => one.id === commentId)) return NOT_THERE;
  // Counted like tries: nobody buries a class under them.
  await insertFailure(database, { id: newId(), account, address: from.address, at: now });
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

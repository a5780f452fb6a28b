import { tellWorry as form } from '../../../contract/forms/tellWorry';
import type { InputOf } from '../../../contract/input';
import { htmlForReaders } from '../../../core/posts/revisionCopy';
import { placeOf } from '../../../core/languages/languages';
import { toldOf, type Told } from '../../../core/safety/told';
import { inputCheckOf } from '../../ground/access/checkInput';
import type { Reader } from '../../ground/access/reader';
import { findActor } from '../../ground/access/roles';
import { done, NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import { database, inTransaction } from '../../ground/database/database';
import { sameSince } from '../../ground/database/sameSince';
import { takeTurns } from '../../ground/database/turns';
import { findToldJustNow } from '../../tables/cases';
import { listEverMembers } from '../../tables/memberships';
import { takeTurn, type Rest } from '../../ground/limits/takeTry';
import { listShownComments } from '../readers/listShownComments';
import { maybeOpenClass, maybePublished, publishedTo, subjectOf } from '../readers/openBlog';
import { makeCase, type Worry } from './makeCase';

const check = inputCheckOf<InputOf<typeof form>>(form.input);

/** Tells about a published post or a comment under it. Whoever can read it can say so, signed in or not. */
export async function tellWorry(
  input: unknown,
  from: { readonly reader: Reader; readonly address: string; readonly now: Date; readonly wait?: Rest },
): Promise<Result<Told>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  const { reader, now } = from;
  const found = await maybePublished(checked.value.blog, checked.value.post, { reader, now, withText: true });
  if (!found) return toldJustNow(checked.value, reader, now);
  const { blog, post, text } = found;
  const { postId } = post;
  const subject = subjectOf(blog, post);
  const { comment: commentId = null } = checked.value;
  const comment =
    commentId === null
      ? null
      : (await listShownComments(postId, { ...blog, subject }))?.find((one) => one.id === commentId);
  if (comment === undefined) return NOT_THERE;
  if (reader.personId === null && !(await takeTurn('worryFrom', { ...from, subject: from.address })).allowed)
    return refused('worry.tooMany', 'words');
  const worry: Worry = {
    postId,
    commentId,
    title: post.title,
    audience: publishedTo(blog, post),
    ...(comment
      ? { kind: 'comment', keptHtml: null, keptText: comment.text, aboutId: comment.authorId }
      : {
          kind: 'post',
          keptHtml: htmlForReaders(text ?? { html: '' }, { sameTab: false }),
          keptText: null,
          aboutId: post.writerId,
        }),
  };
  return inTransaction(async (transaction) => {
    // What is sent twice at once comes one after the other, and is one case.
    await takeTurns(transaction, [blog.inClass.id]);
    return makeCase(transaction, worry, {
      words: checked.value.words,
      // Who reads with others' eyes tells with their own name.
      actor: reader.as ? await findActor(transaction, blog.inClass.id, reader.personId) : blog.actor,
      inClass: blog.inClass,
      members: await listEverMembers(transaction, blog.inClass.id),
      now,
    });
  });
}

/**
 * What is sent again because the line broke off finds the words away already: it is answered as the first time. For everybody
 * else there is nothing.
 */
async function toldJustNow(
  { blog, words }: { readonly blog: string; readonly words: string },
  reader: Reader,
  now: Date,
): Promise<Result<Told>> {
  const open = await maybeOpenClass(blog, reader);
  if (!open || reader.personId === null) return NOT_THERE;
  const same = await findToldJustNow(database, {
    toldBy: reader.personId,
    classId: open.inClass.id,
    words: words.trim(),
    since: sameSince(now),
  });
  return same ? done(toldOf(same, placeOf(open.inClass))) : NOT_THERE;
}

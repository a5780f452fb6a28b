import { reviewAddress } from '../../../contract/addresses';
import { may } from '../../../core/access/may';
import { entryLinks } from '../../../core/posts/entryLinks';
import { htmlForReaders } from '../../../core/posts/revisionCopy';
import { listShownComments } from '../../deeds/readers/listShownComments';
import { maybePublished, publishedTo, subjectOf } from '../../deeds/readers/openBlog';
import type { Reader } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { findPublishedText } from '../../tables/publishedPosts';
import { commentsShown } from '../comments/viewComments';
import { aroundOf } from './around';
import { cardOf, frameOf, isOfClass, listNamed } from './blogShown';

/**
 * All that the page of a post shows but what it says; null for everybody whom its audience leaves out, as for a post that is not
 * there. What it says is given by `text`.
 * @param withText whether what it says will be asked for; else it takes a query of its own
 */
export async function maybePostFacts(
  address: string,
  postAddress: string,
  reader: Reader,
  now: Date,
  { withText }: { readonly withText: boolean },
) {
  const found = await maybePublished(address, postAddress, { reader, now, withText });
  if (!found) return null;
  const { blog, post } = found;
  const { actor, inClass } = blog;
  const subject = subjectOf(blog, post);
  const audience = publishedTo(blog, post);
  const comments = await listShownComments(post.postId, { actor, subject });
  const people = await listNamed(blog, [post.writerId, ...(comments ?? []).map((one) => one.authorId)]);
  const around = await aroundOf(blog, post);
  const facts = {
    ...frameOf(blog, reader, people),
    ...cardOf(post, blog, people),
    revisionId: post.revisionId,
    assignmentId: post.assignmentId,
    lettering: post.beside.lettering,
    sameTab: inClass.desk.linksInSameTab,
    audience,
    searchEngines: inClass.searchEngines && audience === 'everyone',
    passedOn:
      audience === 'everyone'
        ? { site: inClass.title, description: post.teaser, picture: post.cover?.src ?? null }
        : null,
    inClass: isOfClass(blog),
    /** Whether a worry keeps it away, and whether who reads it can put it back. */
    away: post.away
      ? { own: post.writerId === reader.personId, putsBack: may(actor, 'words.putBack', subject) }
      : null,
    around,
    comments: comments && commentsShown(comments, { actor, subject, inClass, people, now }),
    /** For the class's teachers: whether they can let fewer read it, or take it down. */
    narrows: may(actor, 'post.narrow', subject),
    /** For them as well: where its notes, its grade and its readers are. */
    review: may(actor, 'post.review', { ...subject, handedIn: true }) ? reviewAddress(post.postId) : null,
  };
  const text = async () => {
    const { html = '', headings = [] } =
      found.text ?? (await findPublishedText(database, post.revisionId)) ?? {};
    return {
      html: htmlForReaders({ html }, { sameTab: facts.sameTab }),
      entries: entryLinks(headings, inClass.language),
    };
  };
  return { facts, text };
}

/** One post for a reader, with what it says. */
export async function maybePost(address: string, postAddress: string, reader: Reader, now: Date) {
  const found = await maybePostFacts(address, postAddress, reader, now, { withText: true });
  return found && { ...found.facts, ...(await found.text()) };
}

import { addressesOf } from '../../../contract/addresses';
import { blogAddresses } from '../../../core/blog/addresses';
import { maybeBlog, sightOf } from '../../deeds/readers/openBlog';
import type { Reader } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { listPublished, listUncommented } from '../../tables/publishedLists';
import { listCards, listWriterNames } from '../../tables/publishedPosts';
import { cardOf, frameOf, listNamed, shownWriter } from './blogShown';
import { marginOf } from './margin';

/** So many posts stand on a front page, one of them large; the others are on the ones behind it. */
export const POSTS_ON_FRONT = 31;
/** So many writers are shown beside them, those who wrote last. */
const WRITERS_SHOWN = 24;
/** So many labels are. */
const LABELS_SHOWN = 8;

/**
 * The front page: the posts that this reader may read, newest first, with counts that are made of all of them.
 * @param page the first page is 1; one that is not there is the last
 */
export async function maybeFront(address: string, reader: Reader, now: Date, page = 1) {
  const blog = await maybeBlog(address, reader, now);
  if (!blog) return null;
  const { inClass, actor, shown } = blog;
  const sight = sightOf(blog);
  const margin = await marginOf(inClass, sight, now);
  const last = Math.max(1, Math.ceil(margin.count / POSTS_ON_FRONT));
  const at = Math.min(page, last);
  const postIds = await listPublished(database, sight, {
    most: POSTS_ON_FRONT,
    after: (at - 1) * POSTS_ON_FRONT,
  });
  const posts = await listCards(database, postIds);
  const writers = await listWriterNames(database, {
    classId: inClass.id,
    personIds: margin.writerIds.slice(0, WRITERS_SHOWN),
  });
  const people = await listNamed(blog, [
    ...posts.map(({ writerId }) => writerId),
    ...writers.map(({ personId }) => personId),
  ]);
  return {
    ...frameOf(blog, reader, people),
    title: inClass.title,
    address: `/blog/${inClass.address}`,
    searchEngines: inClass.searchEngines && inClass.ceiling === 'everyone',
    passedOn:
      inClass.ceiling === 'everyone'
        ? { site: inClass.title, description: inClass.subtitle, picture: posts[0]?.cover?.src ?? null }
        : null,
    /** Where news readers find what everybody may read of it; null where that is nothing. */
    feed: inClass.ceiling === 'everyone' ? blogAddresses(inClass.address).feed('atom') : null,
    as: reader.as,
    /** Where who reads with others' eyes came from. */
    back: reader.as ? addressesOf(inClass.id).privacy : null,
    /** Whether more could be read with the class's passphrase. */
    asksPassphrase: actor.role === null && !shown.has('') && blog.hasPassphrase,
    count: margin.count,
    posts: posts.map((post) => cardOf(post, blog, people)),
    /** The pages with the posts after and before these. */
    newer: at > 1 ? at - 1 : null,
    older: at < last ? at + 1 : null,
    weeks: margin.weeks,
    labels: margin.labels.slice(0, LABELS_SHOWN),
    writersCount: margin.writerIds.length,
    writers: writers.map((writer) => shownWriter(writer, blog, people)),
  };
}

/** So many posts are offered to somebody who could comment on them. */
const OFFERED = 3;

/** Others' posts that somebody could comment on and nobody has yet: how many, and the newest few. */
export async function listWithoutComment(address: string, reader: Reader, now: Date) {
  const blog = await maybeBlog(address, reader, now);
  if (!blog) return { count: 0, posts: [] };
  const { count, postIds } = await listUncommented(database, sightOf(blog), OFFERED);
  const posts = await listCards(database, postIds);
  const people = await listNamed(
    blog,
    posts.map(({ writerId }) => writerId),
  );
  return { count, posts: posts.map((post) => cardOf(post, blog, people)) };
}

import { blogAddresses } from '../../../core/blog/addresses';
import { maybeBlog, sightOf } from '../../deeds/readers/openBlog';
import { readerOf } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { listPublished } from '../../tables/publishedLists';
import { listCards } from '../../tables/publishedPosts';
import { cardOf } from './blogShown';

/** So many posts stand in a feed, the newest. */
const POSTS_IN_FEED = 30;

/** The newest posts of a blog that a stranger may read, for news readers; null where a stranger may read none. */
export async function maybeFeed(address: string, now: Date) {
  const blog = await maybeBlog(address, readerOf(null), now);
  if (!blog || blog.inClass.ceiling !== 'everyone') return null;
  const { inClass } = blog;
  const posts = await listCards(
    database,
    await listPublished(database, sightOf(blog), { most: POSTS_IN_FEED }),
  );
  return {
    blog: blogAddresses(inClass.address),
    title: inClass.title,
    subtitle: inClass.subtitle,
    language: inClass.language,
    searchEngines: inClass.searchEngines,
    posts: posts.map((post) => {
      const { postId, title, teaser, address: at, writer, cover } = cardOf(post, blog, new Map());
      return { postId, title, teaser, address: at, writer: writer.name, cover, since: post.since };
    }),
  };
}

export type FeedShown = NonNullable<Awaited<ReturnType<typeof maybeFeed>>>;

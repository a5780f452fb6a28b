import { blogAddresses } from '../../../core/blog/addresses';
import { maybeBlog, sightOf } from '../../deeds/readers/openBlog';
import { readerOf } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { listNewestTitles } from '../../tables/publishedLists';
import { readablePages } from './readPages';

/** So many addresses a map may name (sitemaps.org, protocol 0.9). */
const MOST = 49_000;

/** What of a blog search engines may list: what a stranger may read; null where the class did not let them in. */
export async function maybeSitemap(
  address: string,
  now: Date,
): Promise<readonly { readonly address: string; readonly changed: Date | null }[] | null> {
  const blog = await maybeBlog(address, readerOf(null), now);
  if (!blog?.inClass.searchEngines || blog.inClass.ceiling !== 'everyone') return null;
  const at = blogAddresses(blog.inClass.address);
  const posts = await listNewestTitles(database, sightOf(blog), MOST);
  return [
    { address: at.front, changed: posts[0]?.since ?? null },
    ...readablePages(blog).map((page) => ({ address: page.address, changed: null })),
    ...posts.map((post) => ({ address: at.post(post.address), changed: post.since })),
  ];
}

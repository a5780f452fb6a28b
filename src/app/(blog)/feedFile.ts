import { Feed } from 'feed';
import type { FeedFormat } from '@/core/blog/addresses';
import { escapeHtml } from '@/core/document/html/writeHtml';
import { pictureAddress } from '@/core/document/pictureAddress';
import { originUrl } from '@/server/http/originUrl';
import type { FeedShown } from '@/server/views/blog/viewFeed';

/** Signs that XML 1.0 does not take, even written as numbers. */

const NO_XML = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]/g;

/** What everybody may read of a blog, as a file for news readers: title, teaser and link of each post. */
export const FEED_FILES: Readonly<Record<FeedFormat, (shown: FeedShown) => string>> = {
  atom: atomFeed,
  json: jsonFeed,
};

/** Atom (RFC 4287). What stands in it as text is taken for HTML. */
function atomFeed({ blog, title, subtitle, language, posts }: FeedShown): string {
  const feed = new Feed({
    id: originUrl(blog.front),
    title: plain(title),
    description: plain(subtitle),
    link: originUrl(blog.front),
    language,
    feed: originUrl(blog.feed('atom')),
    updated: posts[0]?.since ?? new Date(0),
    generator: false,
  });
  for (const post of posts)
    feed.addItem({
      id: idOf(post, blog.front),
      title: escapeHtml(plain(post.title)),
      description: escapeHtml(plain(post.teaser)),
      link: originUrl(post.address),
      date: post.since,
      published: post.since,
      author: [{ name: plain(post.writer) }],
      ...(post.cover ? { image: { url: picture(post.cover), type: 'image/webp' } } : {}),
    });
  return feed.atom1();
}

/** JSON Feed, version 1.1 (jsonfeed.org). */
function jsonFeed({ blog, title, subtitle, language, posts }: FeedShown): string {
  return JSON.stringify({
    version: 'https://jsonfeed.org/version/1.1',
    title,
    description: subtitle,
    language,
    home_page_url: originUrl(blog.front),
    feed_url: originUrl(blog.feed('json')),
    items: posts.map((post) => ({
      id: idOf(post, blog.front),
      url: originUrl(post.address),
      title: post.title,
      content_text: post.teaser,
      date_published: post.since.toISOString(),
      authors: [{ name: post.writer }],
      ...(post.cover ? { image: picture(post.cover) } : {}),
    })),
  });
}

/** A post stays the same one when its title, and with it its address, is another. */
function idOf({ postId }: FeedShown['posts'][number], front: string): string {
  return originUrl(`${front}#${postId}`);
}

function picture({ src }: { readonly src: string }): string {
  return originUrl(pictureAddress(src, 480));
}

function plain(text: string): string {
  return text.toWellFormed().replace(NO_XML, '');
}

/** Atom (RFC 4287) and JSON Feed 1.1. */
export const FEED_FORMATS = ['atom', 'json'] as const;
export type FeedFormat = (typeof FEED_FORMATS)[number];

/** Where the pages of a class blog are. @param blog its address, such as `wind` */
export function blogAddresses(blog: string) {
  const front = `/blog/${blog}`;
  return {
    front,
    post: (address: string) => `${front}/${address}`,
    page: (address: string) => `${front}/pages/${address}`,
    label: (name: string) => `${front}/labels/${encodeURIComponent(name)}`,
    writer: (address: string) => `${front}/writers/${address}`,
    month: (month: string) => `${front}/months/${month}`,
    assignment: (id: string) => `${front}/assignments/${id}`,
    search: `${front}/search`,
    feed: (format: FeedFormat) => `${front}/feeds/${format}`,
    sitemap: `${front}/sitemap.xml`,
  } as const;
}

/** An address of a list with what narrows it, and the number of its page. */
export function listAddress(
  address: string,
  {
    month = null,
    words = '',
    exactly = false,
    page = 1,
  }: {
    readonly month?: string | null;
    readonly words?: string;
    readonly exactly?: boolean;
    readonly page?: number;
  },
): string {
  const query = new URLSearchParams({
    ...(words ? { q: words } : {}),
    ...(words && exactly ? { exactly: '1' } : {}),
    ...(month ? { month } : {}),
    ...(page > 1 ? { page: String(page) } : {}),
  }).toString();
  return query ? `${address}?${query}` : address;
}

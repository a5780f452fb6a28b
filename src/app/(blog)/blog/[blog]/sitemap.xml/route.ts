import { originUrl } from '@/server/http/originUrl';
import { readersHeaders } from '@/server/http/readersHeaders';
import { maybeSitemap } from '@/server/views/blog/viewSitemap';

// Classes open and close themselves while the application runs.
export const dynamic = 'force-dynamic';

interface Asked {
  readonly params: Promise<{ readonly blog: string }>;
}

/** What search engines may list of a blog (sitemaps.org, protocol 0.9); nothing where its class did not let them in. */
export async function GET(_: Request, { params }: Asked): Promise<Response> {
  const pages = await maybeSitemap((await params).blog, new Date());
  const headers = {
    ...readersHeaders({ kept: true, open: true }),
    'content-type': 'application/xml; charset=utf-8',
  };
  if (!pages) return new Response('', { status: 404, headers: { ...headers, 'cache-control': 'no-store' } });
  const lines = pages.map(({ address, changed }) => {
    const since = changed ? `<lastmod>${changed.toISOString().slice(0, 10)}</lastmod>` : '';
    // Addresses are written so that none of them has a mark of XML but the ampersand, and ours have none.
    return `<url><loc>${originUrl(address).replaceAll('&', '&amp;')}</loc>${since}</url>`;
  });
  const xml = `<?xml version="1.0" encoding="UTF-8"?>
<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">
${lines.join('\n')}
</urlset>
`;
  return new Response(xml, { headers });
}

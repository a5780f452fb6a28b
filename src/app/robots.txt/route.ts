import { blogAddresses } from '@/core/blog/addresses';
import { database } from '@/server/ground/database/database';
import { originUrl } from '@/server/http/originUrl';
import { listFoundAddresses } from '@/server/tables/classAddresses';

// Classes open and close themselves while the application runs.
export const dynamic = 'force-dynamic';

/** Closed to search engines, the blogs apart whose class has opened itself to them. */
export async function GET(): Promise<Response> {
  const open = (await listFoundAddresses(database)).map(blogAddresses);
  const lines = [
    'User-agent: *',
    ...open.flatMap(({ front, search }) => [`Allow: ${front}`, `Disallow: ${search}`]),
    // Each picture says itself whether it may be listed, which it can only to who asks.
    'Allow: /pictures/',
    'Disallow: /',
    ...open.map(({ sitemap }) => `Sitemap: ${originUrl(sitemap)}`),
    '',
  ];
  return new Response(lines.join('\n'), { headers: { 'content-type': 'text/plain; charset=utf-8' } });
}

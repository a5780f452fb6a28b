import { listFoundAddresses } from '@/server/tables/classAddresses';
import { database } from '@/server/ground/database/database';

// Classes open and close themselves while the application runs.
export const dynamic = 'force-dynamic';

/** Closed to search engines, the blogs apart whose class has opened itself to them. */
export async function GET(): Promise<Response> {
  const open = (await listFoundAddresses(database)).map((address) => `Allow: /blog/${address}`);
  const lines = [
    'User-agent: *',
    ...open,
    // Each picture says itself whether it may be listed, which it can only to who asks.
    'Allow: /pictures/',
    'Disallow: /',
    '',
  ];
  return new Response(lines.join('\n'), { headers: { 'content-type': 'text/plain; charset=utf-8' } });
}

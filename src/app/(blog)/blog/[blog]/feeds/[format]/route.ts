import { FEED_FORMATS } from '@/core/blog/addresses';
import { hasAlready, readersHeaders, tagOf } from '@/server/http/readersHeaders';
import { maybeFeed } from '@/server/views/blog/viewFeed';
import { FEED_FILES } from '../../../../feedFile';

interface Asked {
  readonly params: Promise<{ readonly blog: string; readonly format: string }>;
}

const TYPES = { atom: 'application/atom+xml; charset=utf-8', json: 'application/feed+json; charset=utf-8' };

/** The newest posts that everybody may read, for news readers; the same for whoever asks. */
export async function GET(request: Request, { params }: Asked): Promise<Response> {
  const { blog, format: asked } = await params;
  const format = FEED_FORMATS.find((one) => one === asked);
  const shown = format && (await maybeFeed(blog, new Date()));
  if (!format || !shown)
    return new Response('', { status: 404, headers: readersHeaders({ kept: false, open: false }) });
  const tag = tagOf([format, shown]);
  const headers = {
    ...readersHeaders({ kept: true, open: shown.searchEngines, tag }),
    'content-type': TYPES[format],
  };
  if (hasAlready(request, tag)) return new Response(null, { status: 304, headers });
  return new Response(FEED_FILES[format](shown), { headers });
}

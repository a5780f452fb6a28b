/** A file of ours for somebody who may have it. */
interface ShownFile {
  /** What it is called by its content: the same for the same bytes. */
  readonly tag: string;
  readonly type: string;
  /** Whether anybody at all may see it, so that caches on the way may keep it; each use asks whether that still holds. */
  readonly forEveryone: boolean;
  /** Whether search engines may list it. */
  readonly searchable: boolean;
  readonly headers?: Readonly<Record<string, string>>;
  read(): Promise<Buffer | null>;
}

const ALWAYS = {
  'content-security-policy': "default-src 'none'; sandbox; frame-ancestors 'none'",
  'x-content-type-options': 'nosniff',
  'cross-origin-resource-policy': 'same-origin',
  'referrer-policy': 'same-origin',
};
const UNLISTED = { 'x-robots-tag': 'noindex, nofollow' };

/** Answers with a file, or that there is none. It is never used again without asking: it may have been taken down since. */
export async function fileAnswer(request: Request, file: ShownFile | null): Promise<Response> {
  const etag = `"${file?.tag ?? ''}"`;
  const unchanged = file !== null && etagsOf(request).includes(etag);
  const content = file && !unchanged ? await file.read() : null;
  if (!file || (!unchanged && !content))
    return new Response('There is nothing here.', {
      status: 404,
      headers: { ...ALWAYS, ...UNLISTED, 'cache-control': 'no-store' },
    });
  const headers = {
    ...ALWAYS,
    ...(file.searchable ? {} : UNLISTED),
    ...file.headers,
    etag,
    'cache-control': file.forEveryone ? 'public, no-cache' : 'private, no-cache',
  };
  if (!content) return new Response(null, { status: 304, headers });
  return new Response(new Uint8Array(content), { headers: { ...headers, 'content-type': file.type } });
}

/** The versions that whoever asks has already; proxies may have made them weak. */
function etagsOf(request: Request): readonly string[] {
  return (request.headers.get('if-none-match') ?? '').split(',').map((tag) => tag.trim().replace(/^W\//, ''));
}

import { createHash } from 'node:crypto';

/**
 * What a reader's page may do: nothing but show our own pictures, letters and looks, run our one small script, and post its forms
 * back to us. No part of it changes from answer to answer, so that a page can be kept.
 */
const POLICY = [
  "default-src 'none'",
  "script-src 'self'",
  "style-src 'self'",
  // The colours of a class's look, and the letters of a post.
  "style-src-attr 'unsafe-inline'",
  "img-src 'self'",
  "font-src 'self'",
  "connect-src 'self'",
  "base-uri 'none'",
  "form-action 'self'",
  "frame-ancestors 'none'",
].join('; ');

/** Whether a request says anything about who reads: then its answer is for that reader alone. */
export function saysWho(request: Request): boolean {
  return /(?:^|;\s*)porch_/.test(request.headers.get('cookie') ?? '');
}

/**
 * The headers of a reader's page. What everybody may read is asked for again each time that it is read, so that taking down holds
 * at once; what is for somebody is kept by nobody.
 * @param open whether search engines may list it
 */
export function readersHeaders({
  kept,
  open,
  tag = null,
}: {
  readonly kept: boolean;
  readonly open: boolean;
  readonly tag?: string | null;
}): Record<string, string> {
  return {
    'content-type': 'text/html; charset=utf-8',
    'content-security-policy': POLICY,
    'cache-control': kept ? 'no-cache' : 'private, no-store',
    vary: 'Cookie',
    ...(open ? {} : { 'x-robots-tag': 'noindex, nofollow' }),
    ...(tag === null ? {} : { etag: tag }),
  };
}

/**
 * The mark of what stands on a page (RFC 9110, 8.8.3): weak, since the same page is sent compressed and plain.
 * @param facts everything that the page is made of, but for what is named by its number
 */
export function tagOf(facts: unknown): string {
  return `W/"${createHash('sha256').update(JSON.stringify(facts)).digest('base64url').slice(0, 27)}"`;
}

/** Whether whoever asks has the page already (RFC 9110, 13.1.2). */
export function hasAlready(request: Request, tag: string): boolean {
  const known = request.headers.get('if-none-match');
  if (known === null) return false;
  return known.split(',').some((one) => one.trim() === tag || one.trim() === '*');
}

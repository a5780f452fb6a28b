import { randomBytes } from 'node:crypto';
import { listFoundAddresses } from './server/tables/classAddresses';
import { database } from './server/ground/database/database';
import { PATH_HEADER } from './server/http/pathHeader';
import { NextResponse, type NextRequest } from 'next/server';

/** Gives every page a Content-Security-Policy of its own, and the headers that keep it and its readers to themselves. */
export async function proxy(request: NextRequest): Promise<NextResponse> {
  const nonce = randomBytes(16).toString('base64');
  const policy = [
    "default-src 'none'",
    `script-src 'nonce-${nonce}' 'strict-dynamic'`,
    `style-src 'self' 'nonce-${nonce}'`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set(PATH_HEADER, request.nextUrl.pathname);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  response.headers.set('cross-origin-resource-policy', 'same-origin');
  response.headers.set('permissions-policy', 'geolocation=(), microphone=(), camera=(), browsing-topics=()');
  if (!(await isOpenToSearchEngines(request.nextUrl.pathname)))
    response.headers.set('x-robots-tag', 'noindex, nofollow');
  return response;
}

/** Everything is closed to search engines but the blog of a class that has opened itself to them. */
async function isOpenToSearchEngines(path: string): Promise<boolean> {
  const blog = /^\/blog\/([a-z0-9-]+)(?:\/[^/]+)?$/.exec(path)?.[1];
  if (blog === undefined) return false;
  // Where the database can't be asked the page says so itself; nobody is to find that.
  const found = await listFoundAddresses(database).catch((): string[] => []);
  return found.includes(blog);
}

export const config = { matcher: ['/((?!_next/static|api/|pictures/|handouts/|icon).*)'] };

import { randomBytes } from 'node:crypto';
import { PATH_HEADER } from './server/http/pathHeader';
import { NextResponse, type NextRequest } from 'next/server';

/** Gives every page a Content-Security-Policy of its own, and the headers that keep it and its readers to themselves. */
export function proxy(request: NextRequest): NextResponse {
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
  // What search engines may list are readers' pages alone, and those say so themselves.
  response.headers.set('x-robots-tag', 'noindex, nofollow');
  return response;
}

/** Readers' pages are no pages of the framework: they say themselves what they may do. A hand-in that was kept is one. */
export const config = {
  matcher: [
    '/((?!_next/static|api/|pictures/|handouts/|icon|readers/|blog/).*)',
    '/blog/:blog/kept/:receipt*',
  ],
};

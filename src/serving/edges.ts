/** Headers of every answer; what has its own, such as a page's Content-Security-Policy, says so itself. */
const SAFE_HEADERS: Readonly<Record<string, string>> = {
  'content-security-policy': "default-src 'none'; frame-ancestors 'none'",
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'geolocation=(), microphone=(), camera=(), browsing-topics=()',
};

/** Of the files that were built: what runs beside a page goes by what its own script's answer allows, not by the page's. */
const BUILT_HEADERS: Readonly<Record<string, string>> = {
  ...SAFE_HEADERS,
  'content-security-policy':
    "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'; frame-ancestors 'none'",
};

/** The headers of what is at an address. */
export function safeHeaders(url: string): Readonly<Record<string, string>> {
  return url.startsWith('/_next/static/') ? BUILT_HEADERS : SAFE_HEADERS;
}

/** @param origin under which people reach us; where it is encrypted, browsers come no other way for two years */
export function transportHeaders(origin: string): Readonly<Record<string, string>> {
  return origin.startsWith('https:') ? { 'strict-transport-security': 'max-age=63072000' } : {};
}

const READING = new Set(['GET', 'HEAD', 'OPTIONS']);
const WRITING = new Set(['POST', 'PUT', 'DELETE']);

interface Refused {
  readonly status: number;
  readonly text: string;
}

/** Why a request is none of ours, or null: another method, an address that cannot be read, something sent to a page. */
export function maybeRefusal(method: string, url: string): Refused | null {
  const path = url.split('?', 1)[0] ?? '';
  if (!path.startsWith('/') || !isReadable(path))
    return { status: 400, text: 'This address cannot be read.' };
  // The framework would make other sizes of pictures, and keep them, without asking who may see them.
  if (path.startsWith('/_next/image')) return { status: 404, text: 'There is nothing here.' };
  if (READING.has(method)) return null;
  // Readers' pages take the forms that stand on them.
  const taken = path.startsWith('/api/')
    ? WRITING.has(method)
    : path.startsWith('/blog/') && method === 'POST';
  return taken ? null : { status: 405, text: 'This is not done here.' };
}

function isReadable(path: string): boolean {
  try {
    return !decodeURIComponent(path).includes('\0');
  } catch (error) {
    if (error instanceof URIError) return false;
    throw error;
  }
}

import type { LookupAddress } from 'node:dns';
import { Resolver } from 'node:dns/promises';
import { request as plainRequest, type IncomingMessage, type RequestOptions } from 'node:http';
import { request as safeRequest } from 'node:https';
import { isIP, type LookupFunction } from 'node:net';
import { getSettings } from '../settings/settings';
import { isPublicAddress } from './publicAddress';

/** What came of asking an address of somebody else's. */
export type Fetched =
  | {
      readonly kind: 'answered';
      /** The address that answered in the end. */
      readonly address: string;
      readonly status: number;
      /** The media type without its parameters, in lower case. */
      readonly type: string;
      readonly body: Buffer;
      /** False where there was more than was wanted. */
      readonly complete: boolean;
    }
  /** Not asked at all: another scheme or port than the web's, an address inside, or a ring of redirects. */
  | { readonly kind: 'refused'; readonly why: 'scheme' | 'port' | 'inside' | 'redirects' }
  /** There is no host of that name. */
  | { readonly kind: 'noHost' }
  /** Nobody answered in time, or the line broke. */
  | { readonly kind: 'unreachable' };

export interface FetchLimits {
  readonly mostBytes: number;
  /** For everything together, redirects too, in milliseconds. */
  readonly patience: number;
}

const PORTS = new Set(['', '80', '443', '8080', '8443']);
const MOST_REDIRECTS = 5;
const HEADERS = {
  accept: '*/*',
  'accept-encoding': 'identity',
  'user-agent': 'GreenPorch (looks whether a link opens)',
};
const INSIDE = 'EINSIDE';
/** The operating system's word for a name that has no address. */
const NO_HOST = 'ENOTFOUND';

/**
 * Asks an address that somebody typed in. Only http and https, only hosts whose every address is public, checked when
 * the connection is made and again at each redirect, so that nobody can reach through us into the school's network.
 */
export async function guardedFetch(address: string, limits: FetchLimits): Promise<Fetched> {
  const signal = AbortSignal.timeout(limits.patience);
  let url = new URL(address);
  for (let redirects = 0; redirects <= MOST_REDIRECTS; redirects += 1) {
    const refusal = maybeRefusal(url);
    if (refusal) return { kind: 'refused', why: refusal };
    const step = await askOnce(url, limits.mostBytes, signal);
    if (!('location' in step)) return step;
    const next = maybeUrl(step.location, url);
    if (!next) return { kind: 'unreachable' };
    url = next;
  }
  return { kind: 'refused', why: 'redirects' };
}

function maybeRefusal(url: URL): 'scheme' | 'port' | 'inside' | null {
  if (url.protocol !== 'http:' && url.protocol !== 'https:') return 'scheme';
  if (!PORTS.has(url.port)) return 'port';
  // An address in figures is not looked up, so it is not checked there.
  const host = url.hostname.replace(/^\[|\]$/g, '');
  if (host === 'localhost' || host.endsWith('.localhost')) return 'inside';
  return isIP(host) && !isPublicAddress(host) ? 'inside' : null;
}

function maybeUrl(location: string, base: URL): URL | null {
  try {
    return new URL(location, base);
  } catch {
    // The parser has one kind of failure only.
    return null;
  }
}

async function askOnce(
  url: URL,
  mostBytes: number,
  signal: AbortSignal,
): Promise<Fetched | { readonly location: string }> {
  try {
    const response = await send(url, signal);
    const { statusCode: status = 0, headers } = response;
    if (status >= 300 && status < 400 && headers.location !== undefined) {
      response.destroy();
      return { location: headers.location };
    }
    const type = (headers['content-type'] ?? '').split(';')[0]!.trim().toLowerCase();
    return { kind: 'answered', address: url.href, status, type, ...(await readBody(response, mostBytes)) };
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code;
    if (code === INSIDE) return { kind: 'refused', why: 'inside' };
    if (code === NO_HOST) return { kind: 'noHost' };
    // Whatever else a line, a certificate or a server can do wrong is the same to a reader.
    if (error instanceof Error) return { kind: 'unreachable' };
    throw error;
  }
}

function send(url: URL, signal: AbortSignal): Promise<IncomingMessage> {
  const options: RequestOptions = {
    signal,
    headers: HEADERS,
    lookup: publicLookup,
  };
  const standIn = standInFor(url);
  return new Promise((done, failed) => {
    const asking = standIn
      ? plainRequest({
          ...options,
          host: standIn.hostname,
          port: standIn.port,
          path: url.pathname + url.search,
          headers: { ...HEADERS, host: url.host },
        })
      : (url.protocol === 'https:' ? safeRequest : plainRequest)(url, options);
    // A line that breaks may say so more than once; what nobody listens to would end the process.
    asking.once('response', done).on('error', failed).end();
  });
}

/** Names that are reserved for examples are answered by the stand-in, where one is set up. */
function standInFor(url: URL): URL | null {
  const { standInWeb } = getSettings();
  return standInWeb !== null && url.hostname.endsWith('.example') ? new URL(standInWeb) : null;
}

/**
 * The addresses of a host, of both kinds. Asked by a resolver of our own with a short patience: the system's holds one of the
 * process's few threads for as long as it likes.
 */
async function addressesOf(host: string): Promise<readonly LookupAddress[]> {
  const resolver = new Resolver({ timeout: 1500, tries: 2 });
  const of = async (family: 4 | 6) => {
    try {
      const found = await (family === 4 ? resolver.resolve4(host) : resolver.resolve6(host));
      return found.map((address) => ({ address, family }));
    } catch (error) {
      // Not there, or nobody answers: the same to who asks.
      if (error instanceof Error) return [];
      throw error;
    }
  };
  return (await Promise.all([of(4), of(6)])).flat();
}

/** Looks a host up and gives its addresses only where all of them are public. */
const publicLookup: LookupFunction = (host, options, answer) => {
  void addressesOf(host).then((addresses) => {
    const first = addresses[0];
    if (!first) return answer(Object.assign(new Error('no address'), { code: NO_HOST }), '', 4);
    if (!addresses.every(({ address }) => isPublicAddress(address)))
      return answer(Object.assign(new Error('not a public address'), { code: INSIDE }), '', 4);
    return options.all ? answer(null, [...addresses]) : answer(null, first.address, first.family);
  });
};

async function readBody(
  response: IncomingMessage,
  mostBytes: number,
): Promise<{ readonly body: Buffer; readonly complete: boolean }> {
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of response as AsyncIterable<Buffer>) {
    parts.push(part);
    size += part.length;
    if (size > mostBytes) {
      response.destroy();
      return { body: Buffer.concat(parts).subarray(0, mostBytes), complete: false };
    }
  }
  return { body: Buffer.concat(parts), complete: true };
}

import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import { escapeHtml } from '../src/core/document/html/writeHtml';
import { films } from './films';
import { page, type Host } from './host';
import { closed, listening } from './listening';

export interface StandInWeb {
  readonly address: string;
  /** How often each address was asked, such as `https://harbour.example/tides`. */
  readonly asked: ReadonlyMap<string, number>;
  stop(): Promise<void>;
}

/**
 * A small web of its own for demo and tests: hosts whose names are reserved for examples, told apart by the name that
 * was asked for. Every other host there is an ordinary site with a page at each address but those that begin with
 * `/missing`.
 */
export async function startWeb(): Promise<StandInWeb> {
  const asked = new Map<string, number>();
  const server = createServer((request, response) => {
    const host = (request.headers.host ?? '').replace(/:\d+$/, '');
    const address = `${host}${request.url ?? '/'}`;
    asked.set(address, (asked.get(address) ?? 0) + 1);
    void answer(HOSTS[host] ?? site(host), request, response);
  });
  return { address: `http://127.0.0.1:${await listening(server)}`, asked, stop: () => closed(server) };
}

async function answer(host: Host, request: IncomingMessage, response: ServerResponse): Promise<void> {
  const { status, type = 'text/html; charset=utf-8', body = '', location } = await host(request.url ?? '/');
  response.writeHead(status, { 'content-type': type, ...(location ? { location } : {}) });
  response.end(body);
}

/** A site with a page at every address. */
function site(host: string): Host {
  return (path) =>
    path.startsWith('/missing')
      ? { status: 404, body: page('Not here', '') }
      : { status: 200, body: page(host, `<p>A page of ${escapeHtml(host)} at ${escapeHtml(path)}.</p>`) };
}

/** Shared documents: some open, some behind a sign-in, and one that grows each time it is read. */
function documents(): Host {
  let readings = 0;
  return (path) => {
    if (path.startsWith('/sign-in')) return { status: 200, body: page('Sign in', '<input type="password">') };
    if (path.startsWith('/private')) return { status: 302, location: '/sign-in?then=/private' };
    if (path.startsWith('/growing'))
      return { status: 200, type: 'text/plain', body: `Reading ${(readings += 1)} of the harbour gauge.` };
    if (path.startsWith('/open'))
      return {
        status: 200,
        body: page('Wind over the quay', '<p>Monday: north, four.</p><p>Tuesday: north, five.</p>'),
      };
    return { status: 404, body: page('Not here', '') };
  };
}

/** What tries to lead a server astray. */
const astray: Host = (path) => {
  if (path.startsWith('/inside')) return { status: 302, location: 'http://127.0.0.1/secrets' };
  if (path.startsWith('/metadata')) return { status: 302, location: 'http://169.254.169.254/latest' };
  if (path.startsWith('/file')) return { status: 302, location: 'file:///etc/passwd' };
  if (path.startsWith('/ring')) return { status: 302, location: '/ring' };
  if (path.startsWith('/broken')) return { status: 503 };
  return { status: 200, body: 'x'.repeat(3 * 1024 * 1024) };
};

const HOSTS: Readonly<Record<string, Host>> = {
  'films.example': films,
  'papers.example': documents(),
  'astray.example': astray,
};

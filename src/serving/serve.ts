import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import next from 'next';
import { maybeRefusal, safeHeaders, transportHeaders } from './edges';

/**
 * Serves the built application on 127.0.0.1: what is no request of ours is refused before the framework sees it, every answer
 * carries the headers that keep it to itself, and a stop is bounded in time, whatever goes on.
 */

// Longer than any pause between two saves, and than a proxy in front keeps a connection: it is never we who close it first.
const KEEP_ALIVE = 75_000;
/** How long requests that are under way may take when the application is to end. */
const LAST_WORDS = 5_000;

const port = Number(process.env['PORT']);
const app = next({ dev: false, dir: process.cwd(), hostname: '127.0.0.1', port });
await app.prepare();
const handle = app.getRequestHandler();
const transport = transportHeaders(process.env['PORCH_ORIGIN'] ?? '');

const server = createServer((request, response) => {
  carryHeaders(response, { ...safeHeaders(request.url ?? ''), ...transport });
  const refusal = maybeRefusal(request.method ?? '', request.url ?? '');
  if (refusal) answer(response, refusal);
  else void serve(request, response);
});
server.keepAliveTimeout = KEEP_ALIVE;
server.headersTimeout = KEEP_ALIVE + 5_000;
server.once('error', (error) => {
  console.error(error.message);
  process.exit(1);
});
// Said to whoever started us: an answer on this port could be somebody else's.
server.listen(port, '127.0.0.1', () => console.log(`listening ${process.env['PORCH_INSTANCE'] ?? ''}`));

/** Gives an answer the headers of all, where it does not have its own by then. */
function carryHeaders(response: ServerResponse, headers: Readonly<Record<string, string>>): void {
  const writeHead = response.writeHead.bind(response) as (...args: unknown[]) => ServerResponse;
  response.writeHead = (...args: unknown[]) => {
    for (const [name, value] of Object.entries(headers))
      if (!response.hasHeader(name)) response.setHeader(name, value);
    return writeHead(...args);
  };
}

async function serve(request: IncomingMessage, response: ServerResponse): Promise<void> {
  try {
    await handle(request, response);
  } catch (error) {
    console.error(error instanceof Error ? error.name : typeof error);
    if (!response.headersSent) answer(response, { status: 500, text: 'Something went wrong.' });
    else response.destroy();
  }
}

function answer(
  response: ServerResponse,
  { status, text }: { readonly status: number; readonly text: string },
) {
  response.writeHead(status, { 'content-type': 'text/plain; charset=utf-8', connection: 'close' });
  response.end(text);
}

let stopping = false;
function stop(): void {
  if (stopping) return;
  stopping = true;
  server.close(() => process.exit(0));
  server.closeIdleConnections();
  setTimeout(() => {
    server.closeAllConnections();
    process.exit(0);
  }, LAST_WORDS).unref();
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);

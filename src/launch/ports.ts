import { randomInt } from 'node:crypto';
import { createServer } from 'node:net';

/** Whether nobody listens on a port of 127.0.0.1. */
export function isFree(port: number): Promise<boolean> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
}

// Below those that systems give to outgoing connections (from 32768 on): one of these can take the port of a server that is
// still being built.
const LOWEST = 20_000;
const HIGHEST = 29_999;

const MOST_TRIES = 200;

/** A port of 127.0.0.1 that was free just now. Throws where none is found. */
export async function freePort(): Promise<number> {
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    const port = randomInt(LOWEST, HIGHEST + 1);
    if (await isFree(port)) return port;
  }
  throw new Error(`No port between ${LOWEST} and ${HIGHEST} of 127.0.0.1 is free.`);
}

import { createServer, type Server } from 'node:net';
import { afterEach, expect, test } from 'vitest';
import { freePort, isFree } from './ports';

let server: Server | null = null;

function listen(port: number): Promise<void> {
  return new Promise((resolve, reject) => {
    server = createServer().once('error', reject);
    server.listen(port, '127.0.0.1', resolve);
  });
}
afterEach(() => new Promise((resolve) => (server?.listening ? server.close(resolve) : resolve(undefined))));

test('a port is free until somebody listens on it, and again afterwards', async () => {
  const port = await freePort();
  expect(await isFree(port)).toBe(true);
  await listen(port);
  expect(await isFree(port)).toBe(false);
  await new Promise((resolve) => server?.close(resolve));
  expect(await isFree(port)).toBe(true);
});

test('a free port is none that systems give to outgoing connections, nor one that only root may have', async () => {
  for (let tries = 0; tries < 50; tries += 1) {
    const port = await freePort();
    expect(port).toBeGreaterThan(1024);
    expect(port).toBeLessThan(32_768);
  }
});

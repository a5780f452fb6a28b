import { spawn } from 'node:child_process';
import { connect } from 'node:net';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { TEACHERS } from '../../demo/people';
import { startApplication, type RunningApplication } from '../../src/launch/application';
import { freePort, isFree } from '../../src/launch/ports';
import { origin } from './person';

const PUBLIC = 'https://porch.example';

const settings = async () => ({
  root: process.cwd(),
  build: '.next-test',
  port: await freePort(),
  databaseUrl: process.env['DATABASE_URL'] ?? '',
  pictures: process.env['PORCH_PICTURES'] ?? '',
});

/** The first line of the answer to what is sent as it stands. */
async function raw(request: string): Promise<string> {
  const { hostname, port } = new URL(origin());
  return new Promise((resolve, reject) => {
    let answer = '';
    const socket = connect(Number(port), hostname, () =>
      socket.write(`${request}\r\nHost: ${hostname}\r\n\r\n`),
    );
    socket.setTimeout(20_000, () => socket.destroy());
    socket.on('data', (chunk) => {
      answer += chunk.toString();
      if (answer.includes('\r\n')) socket.destroy();
    });
    socket.on('error', reject);
    socket.on('close', () => resolve(answer.split('\r\n')[0] ?? ''));
  });
}

describe('what is no request of ours', () => {
  test.each([
    ['GET /%E0%A4%A HTTP/1.1', '400'],
    ['GET /blog/%00 HTTP/1.1', '400'],
    ['GET /blog/%c0%ae%c0%ae/x HTTP/1.1', '400'],
    ['GET /_next/image?url=%2Fpictures%2Fx%2F480&w=640&q=75 HTTP/1.1', '404'],
    ['TRACE / HTTP/1.1', '405'],
    ['PROPFIND / HTTP/1.1', '405'],
    ['PUT /blog/wind HTTP/1.1', '405'],
    // It has a form, which is taken from our own pages alone.
    ['POST /blog/wind HTTP/1.1', '403'],
    ['GET http://inside.example/ HTTP/1.1', '400'],
    ['no request at all', '400'],
    ['GET /nothing-of-this-name HTTP/1.1', '404'],
  ])('%s is answered %s', async (request, status) => {
    expect((await raw(request)).split(' ')[1]).toBe(status);
  });
});

test('every kind of answer keeps itself to itself', async () => {
  const page = await fetch(`${origin()}/sign-in`);
  const built = /\/_next\/static\/[^"]+\.js/.exec(await page.clone().text())?.[0] ?? '';
  const picture = /\/pictures\/[0-9a-z]{16}\/960/.exec(
    await (await fetch(`${origin()}/blog/wind`)).text(),
  )?.[0];
  expect(built).not.toBe('');
  const paths = [built, picture ?? '', '/api/alive', '/robots.txt', '/nothing', '/%E0%A4%A'];
  for (const answer of [page, ...(await Promise.all(paths.map((at) => fetch(origin() + at))))]) {
    const { headers } = answer;
    expect([answer.url, headers.get('x-content-type-options')]).toEqual([answer.url, 'nosniff']);
    expect(headers.get('content-security-policy')).toContain("default-src 'none'");
    expect(headers.get('content-security-policy')).toContain("frame-ancestors 'none'");
    expect(headers.get('referrer-policy')).toBe('same-origin');
    expect(headers.get('x-powered-by')).toBeNull();
  }
});

describe('behind a proxy that encrypts', () => {
  let application: RunningApplication;
  beforeAll(async () => {
    application = await startApplication({ ...(await settings()), publicOrigin: PUBLIC });
  });
  afterAll(() => application.stop());

  const signIn = (from: string) =>
    fetch(`${application.origin}/api/session`, {
      method: 'POST',
      body: JSON.stringify({ as: 'adult', email: TEACHERS[0]?.email, password: TEACHERS[0]?.password }),
      headers: { 'content-type': 'application/json', origin: from },
    });

  test('a session never goes over a line that is not encrypted, and browsers are told to come no other way', async () => {
    const answer = await signIn(PUBLIC);
    expect(answer.status).toBe(200);
    expect(answer.headers.get('set-cookie')).toMatch(/; Secure/i);
    expect(answer.headers.get('strict-transport-security')).toBe('max-age=63072000');
  });

  test('what comes from another origin writes nothing, not even from this machine', async () => {
    for (const from of [
      application.origin,
      'http://porch.example',
      'https://porch.example.evil.example',
      'null',
    ])
      expect([from, (await signIn(from)).status]).toEqual([from, 403]);
  });
});

test('without encryption nothing asks for it', async () => {
  expect((await fetch(`${origin()}/sign-in`)).headers.get('strict-transport-security')).toBeNull();
});

test('an application ends with what started it, even when that is killed', async () => {
  const own = await settings();
  const launcher = spawn(
    process.execPath,
    [
      '--import',
      'tsx',
      '--input-type=module',
      '-e',
      `const { startApplication } = await import('./src/launch/application.ts');
       await startApplication(JSON.parse(process.env.SETTINGS));
       console.log('started');
       setInterval(() => undefined, 1000);`,
    ],
    { env: { ...process.env, SETTINGS: JSON.stringify(own) }, stdio: ['ignore', 'pipe', 'inherit'] },
  );
  await new Promise<void>((resolve) => launcher.stdout.once('data', () => resolve()));
  expect((await fetch(`http://127.0.0.1:${own.port}/api/alive`)).status).toBe(200);
  launcher.kill('SIGKILL');
  for (let tries = 0; tries < 200 && !(await isFree(own.port)); tries += 1)
    await new Promise((resolve) => setTimeout(resolve, 100));
  expect(await isFree(own.port)).toBe(true);
});

test('an application whose port somebody else has does not pass for started', async () => {
  const { port } = new URL(origin());
  await expect(startApplication({ ...(await settings()), port: Number(port) })).rejects.toThrow(
    /did not start/,
  );
});

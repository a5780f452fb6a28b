import { readdirSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { TEACHERS } from '../../demo/people';
import { addressesOf } from '../../src/contract/addresses';
import { may } from '../../src/core/access/may';
import { origin } from './person';
import {
  ACTORS,
  beEditor,
  cookies,
  EVERYBODY,
  get,
  ids,
  linkOn,
  PAGES,
  post,
  postForm,
  signEverybodyIn,
  type Page,
  type Who,
} from './walkers';

beforeAll(signEverybodyIn);
afterAll(() => beEditor('student'));

function isFor(page: Page, who: Who): boolean {
  if (page.needs === 'nobody' || page.needs === 'everybody') return page.needs === 'everybody';
  // Who writes or teaches in some class; readers and an administrator have nothing to do there.
  if (page.needs === 'working') return !['visitor', 'reader', 'administrator'].includes(who);
  return page.needs === 'signedIn' ? who !== 'visitor' : may(ACTORS[who], ...page.needs);
}

function filesNamed(name: string, folder = 'src/app', under = ''): string[] {
  return readdirSync(path.join(folder, under), { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? filesNamed(name, folder, path.join(under, entry.name))
      : entry.name === name
        ? [path.join(under, entry.name)]
        : [],
  );
}

test('every page and every route handler is walked here', () => {
  // Readers' pages are ready HTML.
  expect([...filesNamed('page.tsx'), ...filesNamed('route.tsx')].sort()).toEqual(Object.keys(PAGES).sort());
  expect(filesNamed('route.ts').sort()).toEqual([
    '(blog)/blog/[blog]/feeds/[format]/route.ts',
    '(blog)/blog/[blog]/sitemap.xml/route.ts',
    'api/alive/route.ts',
    'api/archive/route.ts',
    'api/dictionary/[name]/route.ts',
    'api/do/[useCase]/route.ts',
    'api/files/route.ts',
    'api/handouts/route.ts',
    'api/invitation/route.ts',
    'api/language/route.ts',
    'api/links/route.ts',
    'api/mail/route.ts',
    'api/names/route.ts',
    'api/own-password/route.ts',
    'api/password/route.ts',
    'api/pictures/from/route.ts',
    'api/pictures/route.ts',
    'api/pile/route.ts',
    'api/ready/route.ts',
    'api/school/back/route.ts',
    'api/school/route.ts',
    'api/session/route.ts',
    'api/sessions/route.ts',
    'api/sources/address/route.ts',
    'api/sources/route.ts',
    'api/speller/route.ts',
    'api/videos/route.ts',
    'handouts/[id]/route.ts',
    'pictures/[id]/[width]/route.ts',
    'readers/[file]/route.ts',
    'robots.txt/route.ts',
  ]);
});

describe.each(Object.entries(PAGES))('%s', (_, page) => {
  test.each(EVERYBODY)('for a %s', async (who) => {
    const { status } = await get(page.address(), who);
    if (isFor(page, who)) expect(status).toBe(200);
    else expect([307, 404]).toContain(status);
  });
});

test('an assignment that is not set yet is there for teachers alone', async () => {
  for (const who of EVERYBODY) {
    const { status } = await get(addressesOf(ids.classId).assignment(ids.unset), who);
    expect([who, status === 200]).toEqual([
      who,
      may(ACTORS[who], 'assignment.read', { assignmentIsSet: false }),
    ]);
  }
});

test('a published picture is there for everybody, in the widths that there are', async () => {
  for (const who of EVERYBODY) expect((await get(`/pictures/${ids.picture}/480`, who)).status).toBe(200);
  expect((await get(`/pictures/${ids.picture}/481`, 'teacher')).status).toBe(404);
});

describe('writing requests', () => {
  test('are taken from our own pages only', async () => {
    const input = { postId: ids.draft };
    expect((await post('/api/do/takeBack', input, 'writer', { origin: 'https://evil.example' })).status).toBe(
      403,
    );
    expect((await post('/api/session', {}, 'writer', { origin: 'null' })).status).toBe(403);
    const without = await fetch(`${origin()}/api/do/takeBack`, { method: 'POST', body: '{}' });
    expect(without.status).toBe(403);
  });

  test('need a session, a known use case and an input in form', async () => {
    expect(await (await post('/api/do/takeBack', {})).json()).toMatchObject({ code: 'signedOut' });
    expect(await (await post('/api/do/constructor', {}, 'writer')).json()).toMatchObject({
      code: 'notThere',
    });
    expect(await (await post('/api/do/takeBack', {}, 'writer')).json()).toMatchObject({
      code: 'input.required',
      field: 'postId',
    });
    const response = await fetch(`${origin()}/api/do/takeBack`, {
      method: 'POST',
      body: '{',
      headers: { origin: origin(), cookie: cookies.get('writer') ?? '' },
    });
    expect(response.status).toBe(422);
  });

  test('what asks other servers is done for writers alone', async () => {
    const asked: readonly (readonly [string, object])[] = [
      ['/api/links', { writingId: ids.draft, addresses: ['https://harbour.example/'] }],
      ['/api/videos', { writingId: ids.draft, address: 'https://films.example/film/1' }],
      ['/api/pictures/from', { classId: 'nosuchclass00000', address: 'https://films.example/still/1.png' }],
    ];
    for (const [address, input] of asked) {
      expect((await post(address, input)).status).toBe(401);
      expect((await post(address, input, 'teacher')).status).toBe(404);
      expect((await post(address, input, 'writer', { origin: 'https://evil.example' })).status).toBe(403);
    }
  });

  test('a file to give out is taken from teachers of the class alone', async () => {
    const upload = (who: Who) =>
      fetch(`${origin()}/api/handouts?classId=nosuchclass00000&name=a.pdf`, {
        method: 'POST',
        body: 'x',
        headers: { origin: origin(), cookie: cookies.get(who) ?? '' },
      });
    expect((await upload('visitor')).status).toBe(401);
    for (const who of ['writer', 'teacher'] as const) expect((await upload(who)).status).toBe(404);
    for (const who of EVERYBODY) expect((await get('/handouts/nosuchfile000000', who)).status).toBe(404);
  });

  test('a source for own words is taken from teachers of the class alone', async () => {
    const text = 'eight words and more are here to be compared';
    const file = (who: Who) =>
      fetch(`${origin()}/api/sources?assignmentId=${ids.assignment}&name=a.txt`, {
        method: 'POST',
        body: text,
        headers: { origin: origin(), cookie: cookies.get(who) ?? '' },
      });
    const page = { assignmentId: ids.assignment, address: 'https://harbour.example/' };
    for (const who of EVERYBODY.filter(
      (one) => !may(ACTORS[one], 'assignment.change', { assignmentIsSet: true }),
    )) {
      const shut = who === 'visitor' ? 401 : 404;
      expect([who, (await file(who)).status]).toEqual([who, shut]);
      expect([who, (await post('/api/sources/address', page, who)).status]).toEqual([who, shut]);
    }
  });

  test('a picture is taken from people of the class alone', async () => {
    const upload = (who: Who) =>
      fetch(`${origin()}/api/pictures?classId=nosuchclass00000`, {
        method: 'POST',
        body: 'x',
        headers: { origin: origin(), cookie: cookies.get(who) ?? '' },
      });
    expect((await upload('visitor')).status).toBe(401);
    expect((await upload('writer')).status).toBe(404);
  });
});

test('an archive is packed for its person, their teachers and an administrator alone', async () => {
  const me = await linkOn(addressesOf(ids.classId).roster, 'teacher', /\/cards\?for=([0-9a-z]{16})"/);
  for (const who of EVERYBODY) {
    const { status } = await get(`/api/archive?person=${me}`, who);
    expect([who, status]).toEqual([
      who,
      may(ACTORS[who], 'roster.change', {}) || may(ACTORS[who], 'install.manage', {}) ? 200 : 404,
    ]);
  }
  const own = await get('/api/archive', 'writer');
  expect([own.status, own.headers.get('content-type')]).toEqual([200, 'application/zip']);
  expect((await get('/api/archive', 'visitor')).status).toBe(404);
});

test('search engines are asked to keep away from everything', async () => {
  expect(await (await get('/robots.txt', 'visitor')).text()).toBe(
    // Pictures say themselves that they are not to be listed, to whoever is let ask for one.
    'User-agent: *\nAllow: /pictures/\nDisallow: /\n',
  );
  const page = await get('/blog/wind', 'visitor');
  expect(page.headers.get('x-robots-tag')).toContain('noindex');
  expect(await page.text()).toContain('<meta name="robots" content="noindex, nofollow"/>');
});

test('a passphrase that is wrong answers like a blog that is not there', async () => {
  const wrong = { does: 'showPassphrase', passphrase: 'wrong wrong wrong' };
  const closed = await postForm(`/blog/wind/${ids.unset}`, wrong);
  const none = await postForm(`/blog/nowhere/${ids.unset}`, wrong);
  expect([closed.status, none.status]).toEqual([404, 404]);
  expect(await closed.text()).toBe(await none.text());
});

test('pages come with a policy that lets nothing from elsewhere in, and a session out of scripts’ reach', async () => {
  const page = await get('/sign-in', 'visitor');
  const policy = page.headers.get('content-security-policy') ?? '';
  expect(policy).toContain("default-src 'none'");
  expect(policy).not.toMatch(/https?:|\*|unsafe-eval|script-src[^;]*unsafe-inline/);
  expect(page.headers.get('x-robots-tag')).toContain('noindex');
  const { email, password } = TEACHERS[1]!;
  const cookie =
    (await post('/api/session', { as: 'adult', email, password })).headers.get('set-cookie') ?? '';
  expect(cookie).toMatch(/HttpOnly/i);
  expect(cookie).toMatch(/SameSite=lax/i);
});

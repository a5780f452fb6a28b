import { readdirSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { STUDENTS, TEACHERS } from '../../demo/people';
import { may, type Actor, type Subject } from '../../src/core/access/may';
import type { Action } from '../../src/core/access/table';
import { linkIn, mailsTo } from '../support/mails';
import { CLASS_CODE, origin } from './person';

const EVERYBODY = [
  'visitor',
  'stranger',
  'administrator',
  'reader',
  'classmate',
  'writer',
  'editor',
  'teacher',
] as const;
type Who = (typeof EVERYBODY)[number];

const cookies = new Map<Who, string>();
let ids: {
  readonly classId: string;
  readonly draft: string;
  readonly handedIn: string;
  readonly receipt: string;
  readonly assignment: string;
  readonly unset: string;
  readonly published: string;
  readonly picture: string;
  readonly page: string;
};

async function post(
  address: string,
  body: unknown,
  who: Who = 'visitor',
  headers: Record<string, string> = {},
): Promise<Response> {
  return fetch(origin() + address, {
    method: 'POST',
    body: JSON.stringify(body),
    headers: {
      'content-type': 'application/json',
      origin: origin(),
      cookie: cookies.get(who) ?? '',
      ...headers,
    },
  });
}

async function get(address: string, who: Who): Promise<Response> {
  return fetch(origin() + address, { headers: { cookie: cookies.get(who) ?? '' }, redirect: 'manual' });
}

async function signIn(who: Who, body: unknown): Promise<void> {
  const response = await post('/api/session', body);
  expect(response.status).toBe(200);
  cookies.set(who, (response.headers.get('set-cookie') ?? '').split(';')[0] ?? '');
}

/** A student of a class, by the beginning of the name. */
async function studentId(key: string, code = CLASS_CODE): Promise<string> {
  const { value } = (await (await post('/api/names', { code })).json()) as {
    value: { names: { id: string; name: string }[] };
  };
  return value.names.find((one) => one.name.toLowerCase().startsWith(key))?.id ?? '';
}

async function signInStudent(who: Who, key: string, code: string, passcode: string): Promise<void> {
  await signIn(who, { as: 'student', code, personId: await studentId(key, code), passcode });
}

/** A reader is asked into the class by mail, and accepts. */
async function signInReader(classId: string): Promise<void> {
  const email = 'walking.reader@example.org';
  await post('/api/do/invite', { classId, role: 'reader', email, personId: null }, 'teacher');
  let mails = await mailsTo(email);
  for (let tries = 0; mails.length === 0 && tries < 100; tries += 1) {
    await new Promise((resolve) => setTimeout(resolve, 200));
    mails = await mailsTo(email);
  }
  const token = linkIn(mails[0]).replace('/invitation/', '');
  const accepted = {
    as: 'new',
    token,
    givenName: 'Walter',
    familyName: '',
    password: 'four gulls on a mast',
  };
  const response = await post('/api/invitation', accepted);
  expect(response.status).toBe(200);
  cookies.set('reader', (response.headers.get('set-cookie') ?? '').split(';')[0] ?? '');
}

async function beEditor(role: 'student' | 'studentEditor'): Promise<void> {
  const input = { classId: ids.classId, personId: await studentId('hamza'), role };
  expect((await post('/api/do/changeRole', input, 'teacher')).status).toBe(200);
}

async function linkOn(page: string, who: Who, pattern: RegExp): Promise<string> {
  return pattern.exec(await (await get(page, who)).text())?.[1] ?? 'not-found-on-page';
}

beforeAll(async () => {
  const passcode = (key: string) => STUDENTS.find((student) => student.key === key)?.passcode ?? '';
  const { email, password } = TEACHERS[0]!;
  await signIn('teacher', { as: 'adult', email, password });
  await signInStudent('writer', 'greta', CLASS_CODE, passcode('greta'));
  await signInStudent('classmate', 'bea', CLASS_CODE, passcode('bea'));
  await signInStudent(
    'stranger',
    'pim',
    'MOSS5520',
    (await import('../../demo/people')).OTHER_STUDENTS[0]!.passcode,
  );
  const handedIn = await linkOn('/writing', 'writer', /\/writing\/([0-9a-z]{16})\/receipt/);
  const classId = await linkOn('/class/cards', 'teacher', /classId\\*":\\*"([0-9a-z]{16})/);
  ids = {
    classId,
    handedIn,
    draft: await linkOn('/writing', 'writer', /\/writing\/([0-9a-z]{16})\/receipt/),
    receipt: await linkOn(`/writing/${handedIn}/receipt`, 'writer', /\/kept\/(\d+)/),
    assignment: await linkOn('/today', 'writer', /\/assignments\/([0-9a-z]{16})/),
    unset: await linkOn(
      '/assignments',
      'teacher',
      /<a(?=[^>]*Open Storm interview)[^>]*href="\/assignments\/([0-9a-z]{16})"/,
    ),
    published: await linkOn('/blog/wind', 'visitor', /href="\/blog\/wind\/([^"/]+)"/),
    page: await linkOn('/pages', 'teacher', /href="\/pages\/([0-9a-z]{16})"/),
    picture: await linkOn('/blog/wind', 'visitor', /\/pictures\/([0-9a-z]{16})\/960/),
  };
  await signIn('administrator', { as: 'adult', email: TEACHERS[3]!.email, password: TEACHERS[3]!.password });
  await beEditor('studentEditor');
  await signInStudent('editor', 'hamza', CLASS_CODE, passcode('hamza'));
  await signInReader(classId);
});
afterAll(() => beEditor('student'));

/** What the access table is asked before a page is shown; what is a word here is no matter of the table. */
interface Page {
  readonly address: () => string;
  readonly needs: 'nobody' | 'everybody' | 'signedIn' | 'working' | readonly [Action, Subject];
}

const WRITERS: Subject = { writerId: 'writer', assignmentIsSet: true, handedIn: true };

/** Which people each page is there for; everybody else is shown the sign-in, or that there is nothing. */
const PAGES: Readonly<Record<string, Page>> = {
  // Only leads on, to one of the others.
  'page.tsx': { address: () => '/', needs: 'nobody' },
  'sign-in/page.tsx': { address: () => '/sign-in', needs: 'everybody' },
  '(desk)/today/page.tsx': { address: () => '/today', needs: 'working' },
  '(desk)/assignments/page.tsx': { address: () => '/assignments', needs: ['class.teach', {}] },
  '(desk)/assignments/[assignmentId]/page.tsx': {
    address: () => `/assignments/${ids.assignment}`,
    needs: ['assignment.read', { assignmentIsSet: true }],
  },
  '(desk)/classes/page.tsx': { address: () => '/classes', needs: 'signedIn' },
  '(desk)/class/page.tsx': { address: () => '/class', needs: ['roster.read', {}] },
  '(desk)/class/cards/page.tsx': { address: () => '/class/cards', needs: ['roster.read', {}] },
  '(desk)/class/concerns/page.tsx': { address: () => '/class/concerns', needs: ['class.teach', {}] },
  '(desk)/class/invitations/page.tsx': { address: () => '/class/invitations', needs: ['roster.read', {}] },
  'administration/page.tsx': { address: () => '/administration', needs: ['install.manage', {}] },
  'account/page.tsx': { address: () => '/account', needs: 'signedIn' },
  'forgotten/page.tsx': { address: () => '/forgotten', needs: 'everybody' },
  // Both say in words what is wrong with a link that leads nowhere.
  'invitation/[token]/page.tsx': { address: () => '/invitation/nothing', needs: 'everybody' },
  'new-password/[token]/page.tsx': { address: () => '/new-password/nothing', needs: 'everybody' },
  '(desk)/class/labels/page.tsx': { address: () => '/class/labels', needs: ['class.change', {}] },
  '(desk)/class/pictures/page.tsx': { address: () => '/class/pictures', needs: ['class.change', {}] },
  '(desk)/class/privacy/page.tsx': { address: () => '/class/privacy', needs: ['class.change', {}] },
  '(desk)/class/look/page.tsx': { address: () => '/class/look', needs: ['class.change', {}] },
  '(desk)/class/settings/page.tsx': { address: () => '/class/settings', needs: ['class.change', {}] },
  '(desk)/class/roles/page.tsx': { address: () => '/class/roles', needs: ['roster.read', {}] },
  '(desk)/class/log/page.tsx': { address: () => '/class/log', needs: ['class.readLog', {}] },
  // Both are for people whom nobody here is: who left a class, who opened a draft. The server's own tests have them.
  'left/[postId]/page.tsx': { address: () => `/left/${ids.handedIn}`, needs: 'nobody' },
  'opened/[openingId]/page.tsx': { address: () => '/opened/nothing', needs: 'nobody' },
  '(desk)/writing/page.tsx': { address: () => '/writing', needs: 'working' },
  '(desk)/writing/[postId]/page.tsx': {
    address: () => `/writing/${ids.draft}`,
    needs: ['post.write', WRITERS],
  },
  '(desk)/writing/[postId]/receipt/page.tsx': {
    address: () => `/writing/${ids.handedIn}/receipt`,
    needs: ['post.write', WRITERS],
  },
  '(desk)/writing/[postId]/revisions/page.tsx': {
    address: () => `/writing/${ids.draft}/revisions`,
    needs: ['post.write', WRITERS],
  },
  // Only leads on, to the oldest slip.
  '(desk)/pile/page.tsx': { address: () => '/pile', needs: 'nobody' },
  '(desk)/pile/[postId]/page.tsx': {
    address: () => `/pile/${ids.handedIn}`,
    needs: ['post.review', WRITERS],
  },
  '(blog)/blog/[blog]/page.tsx': {
    address: () => '/blog/wind',
    needs: ['class.readBlog', { ceiling: 'everyone' }],
  },
  '(blog)/privacy-notice/[blog]/page.tsx': {
    address: () => '/privacy-notice/wind',
    needs: ['class.readBlog', { ceiling: 'everyone' }],
  },
  '(blog)/blog/[blog]/[address]/page.tsx': {
    address: () => `/blog/wind/${ids.published}`,
    needs: ['post.read', { writerId: 'another', publishedTo: 'everyone' }],
  },
  '(desk)/pages/page.tsx': { address: () => '/pages', needs: ['page.tend', {}] },
  '(desk)/pages/[pageId]/page.tsx': { address: () => `/pages/${ids.page}`, needs: ['page.tend', {}] },
  '(blog)/blog/[blog]/pages/[address]/page.tsx': {
    address: () => '/blog/wind/pages/how-we-comment',
    needs: ['page.read', { publishedTo: 'ourClass' }],
  },
  '(blog)/blog/[blog]/kept/[receipt]/page.tsx': {
    address: () => `/blog/wind/kept/${ids.receipt}`,
    needs: ['post.readHandIn', WRITERS],
  },
};

/** Each of the walkers as the access table knows them. */
const ACTORS: Readonly<Record<Who, Actor>> = {
  visitor: { personId: null, role: null },
  stranger: { personId: 'stranger', role: null },
  administrator: { personId: 'administrator', role: null, account: 'administrator' },
  reader: { personId: 'reader', role: 'reader' },
  classmate: { personId: 'classmate', role: 'student' },
  writer: { personId: 'writer', role: 'student' },
  editor: { personId: 'editor', role: 'studentEditor' },
  teacher: { personId: 'teacher', role: 'teacher' },
};

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
  expect(filesNamed('page.tsx').sort()).toEqual(Object.keys(PAGES).sort());
  expect(filesNamed('route.ts').sort()).toEqual([
    'api/alive/route.ts',
    'api/archive/route.ts',
    'api/class-pictures/route.ts',
    'api/concern/route.ts',
    'api/dictionary/[name]/route.ts',
    'api/do/[useCase]/route.ts',
    'api/files/route.ts',
    'api/handouts/route.ts',
    'api/invitation/route.ts',
    'api/links/route.ts',
    'api/names/route.ts',
    'api/passphrase/route.ts',
    'api/password/route.ts',
    'api/pictures/from/route.ts',
    'api/pictures/route.ts',
    'api/school/back/route.ts',
    'api/school/route.ts',
    'api/session/route.ts',
    'api/sessions/route.ts',
    'api/videos/route.ts',
    'handouts/[id]/route.ts',
    'pictures/[id]/[width]/route.ts',
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
    const { status } = await get(`/assignments/${ids.unset}`, who);
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
      fetch(`${origin()}/api/handouts?class=nosuchclass00000&name=a.pdf`, {
        method: 'POST',
        body: 'x',
        headers: { origin: origin(), cookie: cookies.get(who) ?? '' },
      });
    expect((await upload('visitor')).status).toBe(401);
    for (const who of ['writer', 'teacher'] as const) expect((await upload(who)).status).toBe(404);
    for (const who of EVERYBODY) expect((await get('/handouts/nosuchfile000000', who)).status).toBe(404);
  });

  test('a picture is taken from people of the class alone', async () => {
    const upload = (who: Who) =>
      fetch(`${origin()}/api/pictures?class=nosuchclass00000`, {
        method: 'POST',
        body: 'x',
        headers: { origin: origin(), cookie: cookies.get(who) ?? '' },
      });
    expect((await upload('visitor')).status).toBe(401);
    expect((await upload('writer')).status).toBe(404);
  });
});

test('an archive is packed for its person and their teachers alone', async () => {
  const me = await linkOn('/class', 'teacher', /href="\/class\/cards\?for=([0-9a-z]{16})"/);
  for (const who of EVERYBODY) {
    const { status } = await get(`/api/archive?person=${me}`, who);
    expect([who, status]).toEqual([who, may(ACTORS[who], 'roster.change', {}) ? 200 : 404]);
  }
  const own = await get('/api/archive', 'writer');
  expect([own.status, own.headers.get('content-type')]).toEqual([200, 'application/zip']);
  expect((await get('/api/archive', 'visitor')).status).toBe(404);
});

test('search engines are asked to keep away from everything', async () => {
  expect(await (await get('/robots.txt', 'visitor')).text()).toBe('User-agent: *\nDisallow: /\n');
  const page = await get('/blog/wind', 'visitor');
  expect(page.headers.get('x-robots-tag')).toContain('noindex');
  expect(await page.text()).toContain('<meta name="robots" content="noindex, nofollow"/>');
});

test('a passphrase that is wrong answers like a blog that is not there', async () => {
  const wrong = { blog: 'wind', passphrase: 'wrong wrong wrong' };
  const answers = [
    await post('/api/passphrase', wrong),
    await post('/api/passphrase', { ...wrong, blog: 'nowhere' }),
  ];
  expect(answers.map((one) => one.status)).toEqual([422, 422]);
  expect(await answers[0]!.json()).toEqual(await answers[1]!.json());
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

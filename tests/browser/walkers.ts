import { expect } from 'vitest';
import { STUDENTS, TEACHERS } from '../../demo/people';
import { QUESTIONS, addressesOf } from '../../src/contract/addresses';
import type { Actor, Subject } from '../../src/core/access/may';
import type { Action } from '../../src/core/access/table';
import { database } from '../../src/server/ground/database/database';
import { newId } from '../../src/server/ground/database/newId';
import { linkIn, mailsTo } from '../support/mails';
import { insertPeerReadings } from '../../src/server/tables/peerReadings';
import { insertRound, markTaken } from '../../src/server/tables/peerRounds';
import { CLASS_CODE, origin, SMALL_CLASS_CODE } from './person';

export const EVERYBODY = [
  'visitor',
  'stranger',
  'administrator',
  'reader',
  'classmate',
  'writer',
  'editor',
  'teacher',
] as const;
export type Who = (typeof EVERYBODY)[number];

export const cookies = new Map<Who, string>();
export let ids: {
  readonly classId: string;
  readonly draft: string;
  readonly handedIn: string;
  readonly receipt: string;
  readonly assignment: string;
  readonly unset: string;
  readonly published: string;
  /** An assignment whose posts everybody reads. */
  readonly read: string;
  /** The address of what one writer wrote that everybody reads. */
  readonly writerPage: string;
  readonly picture: string;
  readonly page: string;
  readonly writer: string;
  /** A draft of the writer that the classmate reads. */
  readonly peerReading: string;
};

export async function post(
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

/** Posts a form to the page that it stands on. */
export async function postForm(
  address: string,
  fields: Readonly<Record<string, string>>,
  who: Who = 'visitor',
  headers: Record<string, string> = {},
): Promise<Response> {
  return fetch(origin() + address, {
    method: 'POST',
    body: new URLSearchParams(fields),
    headers: { origin: origin(), cookie: cookies.get(who) ?? '', ...headers },
    redirect: 'manual',
  });
}

export async function get(address: string, who: Who): Promise<Response> {
  return fetch(origin() + address, { headers: { cookie: cookies.get(who) ?? '' }, redirect: 'manual' });
}

/** What a browser sends from then on. */
function cookiesOf(response: Response): string {
  return response.headers
    .getSetCookie()
    .map((cookie) => cookie.split(';')[0])
    .join('; ');
}

async function signIn(who: Who, body: unknown): Promise<void> {
  const response = await post('/api/session', body);
  expect(response.status).toBe(200);
  cookies.set(who, cookiesOf(response));
}

async function signInStudent(who: Who, key: string, code: string, passcode: string): Promise<void> {
  const { value } = (await (await post('/api/names', { code })).json()) as {
    value: { names: { who: string; name: string }[] };
  };
  const name = value.names.find((one) => one.name.toLowerCase().startsWith(key));
  await signIn(who, { as: 'student', code, who: name?.who ?? '', passcode });
}

/** A reader is asked into the class by mail, and accepts. */
async function signInReader(classId: string): Promise<void> {
  // The mails of an earlier walk are still there.
  const email = `${newId()}@example.org`;
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
  cookies.set('reader', cookiesOf(response));
}

/** Somebody's id, by the first name. */
async function personId(givenName: string): Promise<string> {
  const [person] = await database.rows<{ id: string }>(
    'SELECT id FROM people WHERE given_name = :givenName',
    {
      givenName,
    },
  );
  return person?.id ?? '';
}

export async function beEditor(role: 'student' | 'studentEditor'): Promise<void> {
  const input = { classId: ids.classId, personId: await personId('Hamza'), role };
  expect((await post('/api/do/changeRole', input, 'teacher')).status).toBe(200);
}

export async function linkOn(page: string, who: Who, pattern: RegExp): Promise<string> {
  return pattern.exec(await (await get(page, who)).text())?.[1] ?? 'not-found-on-page';
}

/** Signs everybody in, and finds what the walkers walk to. */
export async function signEverybodyIn(): Promise<void> {
  const passcode = (key: string) => STUDENTS.find((student) => student.key === key)?.passcode ?? '';
  const { email, password } = TEACHERS[0]!;
  await signIn('teacher', { as: 'adult', email, password });
  await signInStudent('writer', 'greta', CLASS_CODE, passcode('greta'));
  await signInStudent('classmate', 'bea', CLASS_CODE, passcode('bea'));
  await signInStudent(
    'stranger',
    'pim',
    SMALL_CLASS_CODE,
    (await import('../../demo/people')).OTHER_STUDENTS[0]!.passcode,
  );
  const handedIn = await linkOn('/writing', 'writer', /\/writing\/([0-9a-z]{16})\/receipt/);
  const classId = await linkOn('/today', 'teacher', /\/class\/([0-9a-z]{16})/);
  ids = {
    classId,
    handedIn,
    draft: await linkOn('/writing', 'writer', /\/writing\/([0-9a-z]{16})\/receipt/),
    receipt: await linkOn(addressesOf(classId).receipt(handedIn), 'writer', /\/kept\/(\d+)/),
    assignment: await linkOn('/today', 'writer', /\/assignments\/([0-9a-z]{16})/),
    unset: await linkOn(
      addressesOf(classId).assignments,
      'teacher',
      /<a(?=[^>]*Open Storm interview)[^>]*href="[^"]*\/assignments\/([0-9a-z]{16})"/,
    ),
    published: await linkOn('/blog/wind', 'visitor', /href="\/blog\/wind\/([^"/]+)"/),
    read: await linkOn(
      '/blog/wind/1-build-a-wind-cup-from-yoghurt-pots',
      'visitor',
      /href="\/blog\/wind\/assignments\/([0-9a-z]{16})"/,
    ),
    writerPage: await linkOn(
      '/blog/wind/1-build-a-wind-cup-from-yoghurt-pots',
      'visitor',
      /href="(\/blog\/wind\/writers\/[0-9a-z]{16})"/,
    ),
    page: await linkOn(addressesOf(classId).pages, 'teacher', /href="[^"]*\/pages\/([0-9a-z]{16})"/),
    writer: await personId('Greta'),
    picture: await linkOn('/blog/wind', 'visitor', /\/pictures\/([0-9a-z]{16})\/960/),
    peerReading: '',
  };
  ids = { ...ids, peerReading: await readsAsPeer() };
  await signIn('administrator', { as: 'adult', email: TEACHERS[3]!.email, password: TEACHERS[3]!.password });
  await beEditor('studentEditor');
  await signInStudent('editor', 'hamza', CLASS_CODE, passcode('hamza'));
  await signInReader(classId);
}

/** A classmate was given the writer's draft to read. */
async function readsAsPeer(): Promise<string> {
  const now = new Date();
  const [id, roundId] = [newId(), newId()];
  const [readerId, writerId] = [await personId('Bea'), ids.writer];
  const drawn = {
    id: roundId,
    assignmentId: ids.assignment,
    questions: ['What?'],
    named: true,
    drawnAt: now,
    takesAt: now,
  };
  await insertRound(database, { ...drawn, alone: [], groups: [[readerId, writerId]] });
  await markTaken(database, roundId, now);
  await insertPeerReadings(database, [{ id, roundId, readerId, writerId }]);
  return id;
}

/** What the access table is asked before a page is shown; what is a word here is no matter of the table. */
export interface Page {
  readonly address: () => string;
  readonly needs: 'nobody' | 'everybody' | 'signedIn' | 'working' | readonly [Action, Subject];
}

const WRITERS: Subject = { writerId: 'writer', assignmentIsSet: true, handedIn: true };

const at = () => addressesOf(ids.classId);

/** Which people each page is there for; everybody else is shown the sign-in, or that there is nothing. */
export const PAGES: Readonly<Record<string, Page>> = {
  // Only leads on, to one of the others.
  'page.tsx': { address: () => '/', needs: 'nobody' },
  'sign-in/page.tsx': { address: () => '/sign-in', needs: 'everybody' },
  '(desk)/today/page.tsx': { address: () => '/today', needs: 'working' },
  '(desk)/class/[classId]/assignments/page.tsx': {
    address: () => at().assignments,
    needs: ['class.teach', {}],
  },
  '(desk)/class/[classId]/assignments/[assignmentId]/page.tsx': {
    address: () => at().assignment(ids.assignment),
    needs: ['assignment.read', { assignmentIsSet: true }],
  },
  '(desk)/class/[classId]/board/[assignmentId]/page.tsx': {
    address: () => at().board(ids.assignment),
    needs: ['class.teach', {}],
  },
  '(desk)/class/[classId]/set/[assignmentId]/page.tsx': {
    address: () => at().set(ids.assignment),
    needs: ['class.teach', {}],
  },
  '(desk)/class/[classId]/gradebook/page.tsx': {
    address: () => at().gradebook,
    needs: ['gradebook.read', {}],
  },
  '(desk)/class/[classId]/figures/page.tsx': {
    address: () => at().figures,
    needs: ['gradebook.own', {}],
  },
  '(desk)/questions/page.tsx': {
    address: () => QUESTIONS,
    needs: ['question.answer', {}],
  },
  '(desk)/class/[classId]/sheets/page.tsx': {
    address: () => at().sheets,
    needs: ['gradebook.read', {}],
  },
  '(desk)/class/[classId]/gradebook/print/page.tsx': {
    address: () => at().gradebookPrint,
    needs: ['gradebook.read', {}],
  },
  '(desk)/class/[classId]/gradebook/[term]/page.tsx': {
    address: () => at().term('year'),
    needs: ['gradebook.read', {}],
  },
  '(desk)/class/[classId]/peers/[assignmentId]/page.tsx': {
    address: () => at().peers(ids.assignment),
    needs: ['peer.arrange', {}],
  },
  '(desk)/class/[classId]/reading/[readingId]/page.tsx': {
    address: () => at().peerText(ids.peerReading),
    needs: ['peer.read', { writerId: 'writer', peerId: 'classmate' }],
  },
  '(desk)/class/[classId]/second/[assignmentId]/page.tsx': {
    address: () => at().second(ids.assignment),
    needs: ['class.teach', {}],
  },
  '(desk)/class/[classId]/origin/[postId]/page.tsx': {
    address: () => at().origin(ids.handedIn),
    needs: ['origin.read', { ...WRITERS, originSaid: true }],
  },
  '(desk)/class/[classId]/students/[personId]/page.tsx': {
    address: () => at().student(ids.writer),
    needs: ['class.teach', {}],
  },
  '(desk)/class/[classId]/here/page.tsx': { address: () => at().whereWeAre, needs: ['class.teach', {}] },
  '(desk)/classes/page.tsx': { address: () => '/classes', needs: 'signedIn' },
  '(desk)/class/[classId]/(about)/page.tsx': { address: () => at().roster, needs: ['roster.read', {}] },
  '(desk)/class/[classId]/(about)/cards/page.tsx': { address: () => at().cards, needs: ['roster.read', {}] },
  '(desk)/class/[classId]/(about)/openings/page.tsx': {
    address: () => at().openings,
    needs: ['class.teach', {}],
  },
  '(desk)/class/[classId]/(about)/invitations/page.tsx': {
    address: () => at().invitations,
    needs: ['roster.read', {}],
  },
  'administration/page.tsx': { address: () => '/administration', needs: ['install.manage', {}] },
  'account/page.tsx': { address: () => '/account', needs: 'signedIn' },
  'forgotten/page.tsx': { address: () => '/forgotten', needs: 'everybody' },
  // Both say in words what is wrong with a link that leads nowhere.
  'invitation/[token]/page.tsx': { address: () => '/invitation/nothing', needs: 'everybody' },
  'new-password/[token]/page.tsx': { address: () => '/new-password/nothing', needs: 'everybody' },
  '(desk)/class/[classId]/(about)/labels/page.tsx': {
    address: () => at().labels,
    needs: ['class.change', {}],
  },
  '(desk)/class/[classId]/(about)/comments/page.tsx': {
    address: () => at().comments,
    needs: ['class.teach', {}],
  },
  '(desk)/class/[classId]/(about)/pictures/page.tsx': {
    address: () => at().pictures,
    needs: ['class.change', {}],
  },
  '(desk)/class/[classId]/(about)/privacy/page.tsx': {
    address: () => at().privacy,
    needs: ['class.guard', {}],
  },
  '(desk)/class/[classId]/(about)/look/page.tsx': { address: () => at().look, needs: ['class.change', {}] },
  '(desk)/class/[classId]/(about)/ending/page.tsx': {
    address: () => at().ending,
    needs: ['class.guard', {}],
  },
  '(desk)/class/[classId]/(about)/settings/page.tsx': {
    address: () => at().settings,
    needs: ['class.change', {}],
  },
  '(desk)/class/[classId]/(about)/roles/page.tsx': { address: () => at().roles, needs: ['roster.read', {}] },
  '(desk)/class/[classId]/(about)/log/page.tsx': { address: () => at().log, needs: ['class.readLog', {}] },
  // Both are for people whom nobody here is: who left a class, who opened a draft. The server's own tests have them.
  'left/[postId]/page.tsx': { address: () => `/left/${ids.handedIn}`, needs: 'nobody' },
  // For those whom the school names; in the demo that is somebody who teaches nobody. The server's own tests have them.
  'worries/page.tsx': { address: () => '/worries', needs: 'nobody' },
  'worries/settled/page.tsx': { address: () => '/worries/settled', needs: 'nobody' },
  'worries/told/page.tsx': { address: () => '/worries/told', needs: 'nobody' },
  'worries/[caseId]/page.tsx': { address: () => '/worries/nothing', needs: 'nobody' },
  'school/page.tsx': { address: () => '/school', needs: 'nobody' },
  'told/page.tsx': { address: () => '/told', needs: 'signedIn' },
  'opened/[openingId]/page.tsx': { address: () => '/opened/nothing', needs: 'nobody' },
  '(desk)/writing/page.tsx': { address: () => '/writing', needs: 'working' },
  '(desk)/class/[classId]/writing/[postId]/page.tsx': {
    address: () => at().post(ids.draft),
    needs: ['post.write', WRITERS],
  },
  '(desk)/class/[classId]/writing/[postId]/receipt/page.tsx': {
    address: () => at().receipt(ids.handedIn),
    needs: ['post.write', WRITERS],
  },
  '(desk)/class/[classId]/writing/[postId]/revisions/page.tsx': {
    address: () => at().revisions(ids.draft),
    needs: ['post.write', WRITERS],
  },
  // Only leads on, to the oldest slip.
  '(desk)/pile/page.tsx': { address: () => '/pile', needs: 'nobody' },
  '(desk)/pile/[postId]/page.tsx': {
    address: () => `/pile/${ids.handedIn}`,
    needs: ['post.review', WRITERS],
  },
  '(blog)/blog/[blog]/route.tsx': {
    address: () => '/blog/wind',
    needs: ['class.readBlog', { ceiling: 'everyone' }],
  },
  '(blog)/blog/[blog]/search/route.tsx': {
    address: () => '/blog/wind/search?q=wind',
    needs: ['class.readBlog', { ceiling: 'everyone' }],
  },
  '(blog)/blog/[blog]/writers/[address]/route.tsx': {
    address: () => ids.writerPage,
    needs: ['class.readBlog', { ceiling: 'everyone' }],
  },
  '(blog)/blog/[blog]/labels/[address]/route.tsx': {
    address: () => '/blog/wind/labels/how-it-works',
    needs: ['class.readBlog', { ceiling: 'everyone' }],
  },
  // Nothing of the demo was published in it: a list says no more than its posts do.
  '(blog)/blog/[blog]/months/[address]/route.tsx': {
    address: () => '/blog/wind/months/2001-01',
    needs: 'nobody',
  },
  '(blog)/blog/[blog]/assignments/[address]/route.tsx': {
    address: () => `/blog/wind/assignments/${ids.read}`,
    needs: ['class.readBlog', { ceiling: 'everyone' }],
  },
  '(blog)/privacy-notice/[blog]/page.tsx': {
    address: () => '/privacy-notice/wind',
    needs: ['class.readBlog', { ceiling: 'everyone' }],
  },
  '(blog)/blog/[blog]/[address]/route.tsx': {
    address: () => `/blog/wind/${ids.published}`,
    needs: ['post.read', { writerId: 'another', publishedTo: 'everyone' }],
  },
  // Its look is told and noted; here only that it is shut, since no assignment of the demo opens its drafts.
  '(desk)/class/[classId]/drafts/[postId]/page.tsx': {
    address: () => at().draft(ids.draft),
    needs: 'nobody',
  },
  '(desk)/class/[classId]/pages/page.tsx': { address: () => at().pages, needs: ['page.tend', {}] },
  '(desk)/class/[classId]/pages/[pageId]/page.tsx': {
    address: () => at().page(ids.page),
    needs: ['page.tend', {}],
  },
  '(blog)/blog/[blog]/pages/[address]/route.tsx': {
    address: () => '/blog/wind/pages/how-we-comment',
    needs: ['page.read', { publishedTo: 'ourClass' }],
  },
  '(blog)/blog/[blog]/kept/[receipt]/page.tsx': {
    address: () => `/blog/wind/kept/${ids.receipt}`,
    needs: ['post.readHandIn', WRITERS],
  },
};

/** Each of the walkers as the access table knows them. */
export const ACTORS: Readonly<Record<Who, Actor>> = {
  visitor: { personId: null, role: null },
  stranger: { personId: 'stranger', role: null },
  administrator: { personId: 'administrator', role: null, account: 'administrator' },
  reader: { personId: 'reader', role: 'reader' },
  classmate: { personId: 'classmate', role: 'student' },
  writer: { personId: 'writer', role: 'student' },
  editor: { personId: 'editor', role: 'studentEditor' },
  teacher: { personId: 'teacher', role: 'teacher' },
};

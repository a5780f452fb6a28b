import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { describe, expect, test } from 'vitest';
import {
  as,
  FIELDS,
  handInPost,
  NOW,
  personOf,
  succeeded,
  writePost,
  type Who,
  freshHouse,
} from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { listHandIns } from '../../tables/handIns';
import { guardedFetch } from '../../ground/fetching/guardedFetch';
import { isPublicAddress } from '../../ground/fetching/publicAddress';
import { listDocumentCopies, recordLook } from '../../tables/links';
import { changeAssignment } from '../assignments/changeAssignment';
import { makeAssignment } from '../assignments/makeAssignment';
import { setAssignment } from '../assignments/setAssignment';
import { applyRetention } from '../chores/applyRetention';
import { runOneJob } from '../chores/runJobs';
import { addPictureFrom } from '../pictures/addPicture';
import { maybeShowPicture } from '../pictures/showPicture';
import { describeVideo } from './describeVideo';
import { lookAtLinks } from './lookAtLinks';
import { openResultOf } from './openResult';

const LIMITS = { mostBytes: 1000, patience: 5000 };

const house = freshHouse();

test.each([
  ['8.8.8.8', true],
  ['2606:4700::1111', true],
  ['127.0.0.1', false],
  ['10.0.0.7', false],
  ['172.16.3.4', false],
  ['192.168.1.1', false],
  ['169.254.169.254', false],
  ['100.64.0.1', false],
  ['0.0.0.0', false],
  ['224.0.0.1', false],
  ['::1', false],
  ['fe80::1', false],
  ['fd00::1', false],
  ['::ffff:10.0.0.7', false],
  ['64:ff9b::a00:7', false],
  ['harbour.example', false],
])('%s is public: %s', (address, isPublic) => {
  expect(isPublicAddress(address)).toBe(isPublic);
});

describe('fetching what somebody typed', () => {
  test.each([
    ['http://127.0.0.1/', 'inside'],
    ['http://[::1]:8080/', 'inside'],
    ['http://2130706433/', 'inside'],
    ['http://0x7f.1/', 'inside'],
    ['http://localhost/', 'inside'],
    ['ftp://harbour.example/', 'scheme'],
    ['file:///etc/passwd', 'scheme'],
    ['http://8.8.8.8:22/', 'port'],
    ['https://astray.example/inside', 'inside'],
    ['https://astray.example/metadata', 'inside'],
    ['https://astray.example/file', 'scheme'],
    ['https://astray.example/ring', 'redirects'],
  ])('%s is refused: %s', async (address, why) => {
    expect(await guardedFetch(address, LIMITS)).toEqual({ kind: 'refused', why });
  });

  test('a server inside is not asked at all', async () => {
    let asked = 0;
    const server = createServer((_, response) => {
      asked += 1;
      response.end();
    });
    await new Promise<void>((resolve) =>
      server.listen(8080, '127.0.0.1', resolve).once('error', () => resolve()),
    );
    const { port } = (server.address() as AddressInfo | null) ?? { port: 8080 };
    for (const host of ['127.0.0.1', 'localhost', '[::ffff:127.0.0.1]'])
      expect(await guardedFetch(`http://${host}:${port}/`, LIMITS)).toMatchObject({ kind: 'refused' });
    expect(asked).toBe(0);
    server.close();
  });

  test('no more is read than was wanted', async () => {
    const fetched = await guardedFetch('https://astray.example/long', LIMITS);
    expect(fetched).toMatchObject({ kind: 'answered', status: 200, complete: false });
    expect(fetched.kind === 'answered' && fetched.body.length).toBe(1000);
  });
});

test.each([
  ['https://harbour.example/tides', 'opens'],
  ['https://harbour.example/missing', 'missing'],
  ['https://papers.example/open/wind', 'opens'],
  ['https://papers.example/private/wind', 'private'],
  ['https://films.example/private', 'private'],
  ['https://films.example/film/99', 'missing'],
  ['https://astray.example/inside', 'private'],
  ['https://astray.example/broken', 'unreachable'],
])('%s, for a stranger: %s', async (address, result) => {
  expect(openResultOf(address, await guardedFetch(address, LIMITS))).toBe(result);
});

test('a page that asks for a password where it was asked for is no sign-in to something else', () => {
  const body = Buffer.from('<input type="password">');
  const answered = { kind: 'answered', status: 200, type: 'text/html', body, complete: true } as const;
  const at = (address: string) => openResultOf('https://a.example/x', { ...answered, address });
  expect(at('https://a.example/x')).toBe('opens');
  expect(at('https://a.example/other')).toBe('private');
  expect(openResultOf('https://a.example/x', { kind: 'noHost' })).toBe('missing');
});

const asker = (who: Who) => ({ personId: personOf(house, who), now: NOW });

async function setTask(requirements: readonly object[]): Promise<string> {
  const { assignmentId } = await succeeded(as(house, 'teacher', makeAssignment, { classId: house.classId }));
  const fields = { ...FIELDS, requirements };
  await succeeded(as(house, 'teacher', changeAssignment, { assignmentId, version: 1, fields }));
  await succeeded(as(house, 'teacher', setAssignment, { assignmentId }));
  return assignmentId;
}

const OPENS = [
  { id: 'links', kind: 'links', weight: 'required', points: 2, min: 1, opens: true },
  { id: 'words', kind: 'words', weight: 'required', points: 2, min: 90 },
];

describe('looking for a writer', () => {
  test('what is found is remembered, and looked at again when it was shut', async () => {
    const postId = await writePost(house, await setTask(OPENS));
    const addresses = [
      'https://papers.example/private/a',
      'https://harbour.example/tides#top',
      'mailto:a@example.org',
    ];
    expect(await lookAtLinks({ writingId: postId, addresses }, asker('writer'))).toEqual({
      ok: true,
      value: {
        results: { 'https://papers.example/private/a': 'private', 'https://harbour.example/tides': 'opens' },
      },
    });
    const remembered = {
      address: 'https://harbour.example/tides',
      result: 'missing',
      lookedAt: NOW,
      askedBy: null,
    };
    await recordLook(database, {
      ...remembered,
      result: 'opens',
      lookedAt: new Date(NOW.getTime() - 3_600_000),
    });
    await recordLook(database, {
      address: 'https://papers.example/private/a',
      result: 'missing',
      lookedAt: new Date(NOW.getTime() - 3_600_000),
      askedBy: null,
    });
    const again = await lookAtLinks({ writingId: postId, addresses }, asker('writer'));
    expect(again).toMatchObject({ value: { results: { 'https://papers.example/private/a': 'private' } } });
  });

  test('nobody else’s post, and not without end', async () => {
    const postId = await writePost(house, await setTask(OPENS));
    const addresses = ['https://harbour.example/tides'];
    for (const who of ['visitor', 'classmate', 'teacher', 'stranger'] as const)
      expect(await lookAtLinks({ writingId: postId, addresses }, asker(who))).toMatchObject({
        code: 'notThere',
      });
    const many = (from: number) =>
      Array.from({ length: 60 }, (_, n) => `https://harbour.example/${from + n}`);
    for (const from of [0, 60, 120])
      await lookAtLinks({ writingId: postId, addresses: many(from) }, asker('writer'));
    const [row] = await database.rows<{ n: number }>('SELECT COUNT(*) AS n FROM looked_links');
    expect(row?.n).toBe(120);
  });
});

test('a hand-in does not wait for other servers; its evidence is completed afterwards', async () => {
  const postId = await writePost(
    house,
    await setTask(OPENS),
    '<p>See the <a href="https://harbour.example/tides">table of tides</a> at the harbour.</p>',
  );
  await handInPost(house, postId);
  const before = (await listHandIns(database, postId))[0]!.evidence;
  expect(before.requirements[0]).toMatchObject({ state: 'unknown', reason: 'network', earned: 0 });
  while (await runOneJob(NOW));
  const after = (await listHandIns(database, postId))[0]!.evidence;
  expect(after.requirements[0]).toMatchObject({ state: 'met', earned: 2 });
  expect(after.requirements[1]).toEqual(before.requirements[1]);
  expect(after.points.earned).toBe(2);
});

test('the text of a shared document stays what it was at the hand-in, and a private one is not copied', async () => {
  const postId = await writePost(
    house,
    await setTask([]),
    '<p>Ours:</p><a data-document href="https://papers.example/growing">gauge</a><a data-document href="https://papers.example/private/x">x</a><a data-document href="https://papers.example/open">open</a>',
  );
  const copies = async () =>
    listDocumentCopies(database, (await listHandIns(database, postId)).at(-1)!.revisionId);
  await handInPost(house, postId);
  while (await runOneJob(NOW));
  const first = await copies();
  expect(first.map((copy) => copy.text).sort()).toEqual([
    expect.stringMatching(/^Reading \d+ of the harbour gauge\.$/) as string,
    'Wind over the quay\nMonday: north, four.\nTuesday: north, five.',
  ]);
});

test('what was found at an address is forgotten after a month', async () => {
  const look = (address: string, days: number) =>
    recordLook(database, {
      address,
      result: 'opens',
      lookedAt: new Date(NOW.getTime() - days * 86_400_000),
      askedBy: null,
    });
  await look('https://harbour.example/old', 31);
  await look('https://harbour.example/new', 29);
  await applyRetention(null, '', NOW);
  expect(await database.rows('SELECT address FROM looked_links')).toEqual([
    { address: 'https://harbour.example/new' },
  ]);
});

describe('a video', () => {
  test('is described by its host, and its still is kept here', async () => {
    const postId = await writePost(house, await setTask([]));
    const found = await describeVideo(
      { writingId: postId, address: 'https://films.example/film/1' },
      asker('writer'),
    );
    expect(found).toMatchObject({
      ok: true,
      value: { result: 'opens', title: 'A front comes in over the harbour', provider: 'Quayside Films' },
    });
    const still = found.ok ? (found.value.still ?? '') : '';
    const seenBy = async (who: Who) =>
      (await maybeShowPicture(
        { id: still, width: 480 },
        { personId: personOf(house, who), device: null, as: null },
        NOW,
      )) !== null;
    expect([await seenBy('writer'), await seenBy('classmate')]).toEqual([true, false]);
  });

  test('that is private or gone is said to be', async () => {
    const postId = await writePost(house, await setTask([]));
    const ask = (address: string) => describeVideo({ writingId: postId, address }, asker('writer'));
    expect(await ask('https://films.example/private/3')).toMatchObject({
      value: { result: 'private', still: null },
    });
    expect(await ask('https://films.example/film/99')).toMatchObject({
      value: { result: 'missing', title: '' },
    });
    expect(await ask('nonsense')).toMatchObject({ ok: false, code: 'links.noAddress' });
  });
});

test('a picture from an address is copied; what is none, or is inside, is refused', async () => {
  const add = (address: string, who: Who = 'writer') =>
    addPictureFrom({ classId: house.classId, address }, asker(who));
  expect(await add('https://films.example/still/1.png')).toMatchObject({ ok: true });
  expect(await add('https://harbour.example/tides')).toMatchObject({ code: 'picture.notAPicture' });
  expect(await add('http://127.0.0.1:1/x.png')).toMatchObject({ code: 'picture.notOpen' });
  expect(await add('https://astray.example/inside')).toMatchObject({ code: 'picture.notOpen' });
  expect(await add('https://films.example/still/1.png', 'stranger')).toMatchObject({ code: 'notThere' });
});

import { beforeEach, expect, test } from 'vitest';
import { filesIn } from '../../../../tests/server/filesIn';
import {
  acceptedPost,
  as,
  EVERYBODY,
  NOW,
  personOf,
  succeeded,
  writing,
  freshHouse,
  writeNote,
} from '../../../../tests/server/house';
import { NOTHING_BESIDE } from '../../../core/posts/beside';
import { database } from '../../ground/database/database';
import { findPost } from '../../tables/posts';
import { writeComment } from '../comments/writeComment';
import { keepAsRevision } from '../posts/keepAsRevision';
import { savePost } from '../posts/savePost';
import { giveBackGrade } from '../reviews/giveBackGrade';
import { sendBack } from '../reviews/sendBack';
import { maybeArchive } from './archivePerson';

const house = freshHouse();
let named: { readonly postId: string; readonly handInId: string };
beforeEach(async () => {
  named = await acceptedPost(house);
  await writeNote(house, 'teacher', { ...named, text: 'Well seen.' });
  await succeeded(as(house, 'teacher', giveBackGrade, named));
  await succeeded(
    as(house, 'writer', savePost, {
      postId: named.postId,
      version: 2,
      writing: writing('<p>still <b>secret</b></p>'),
    }),
  );
});

async function unpacked(by: string | null) {
  const archive = by && (await maybeArchive(house.people.writer, { personId: by, now: NOW }));
  if (!archive) return null;
  expect(archive.name).toBe('wren-example.zip');
  return new Map(Object.entries(await filesIn(archive)));
}

test('a writer takes everything along, the draft too', async () => {
  const files = (await unpacked(house.people.writer))!;
  const folder = 'wind-weather-8b/2-three-skies';
  expect([...files.keys()].sort()).toEqual([
    'index.html',
    'person.json',
    `${folder}/draft.html`,
    `${folder}/hand-in-1.html`,
    `${folder}/post.json`,
  ]);
  expect(files.get(`${folder}/draft.html`)).toContain('<p>still <strong>secret</strong></p>');
  expect(files.get(`${folder}/hand-in-1.html`)).toContain('grey all day long');
  expect(JSON.parse(files.get(`${folder}/post.json`)!)).toMatchObject({
    stage: 'accepted',
    readers: 'everyone',
    notes: [{ author: 'Tess Example', text: 'Well seen.' }],
    grade: { grade: expect.any(Number) as number },
  });
  expect(JSON.parse(files.get('person.json')!)).toMatchObject({
    givenName: 'Wren',
    classes: [{ title: 'Wind & Weather', role: 'student' }],
  });
});

test('what was said when it was sent back goes along', async () => {
  await succeeded(as(house, 'teacher', sendBack, { ...named, until: '2026-11-26T16:00', first: 'The end.' }));
  const files = (await unpacked(house.people.writer))!;
  expect(JSON.parse(files.get('wind-weather-8b/2-three-skies/post.json')!)).toMatchObject({
    stage: 'sentBack',
    sentBack: [{ by: 'Tess Example', until: '2026-11-26T16:00:00.000Z', first: 'The end.' }],
  });
});

test('a teacher answers a request with everything but what only the writer may read', async () => {
  const files = (await unpacked(house.people.teacher))!;
  expect([...files.keys()].some((name) => name.endsWith('draft.html'))).toBe(false);
  expect([...files.values()].join('')).not.toContain('secret');
  expect([...files.values()].join('')).toContain('grey all day long');
});

test('nobody else gets any of it', async () => {
  for (const who of EVERYBODY) {
    const allowed = ['writer', 'teacher', 'coTeacher', 'administrator'].includes(who);
    expect([who, (await unpacked(personOf(house, who))) !== null]).toEqual([who, allowed]);
  }
});

test('what stands beside a post is in it, as text and nothing else', async () => {
  const beside = { ...NOTHING_BESIDE, subtitle: 'From the <wall>', teaser: 'Grey & "greyer"' };
  const sent = { ...writing('<p>x</p>'), beside };
  await succeeded(as(house, 'writer', savePost, { postId: named.postId, version: 3, writing: sent }));
  const draft = (await unpacked(house.people.writer))!.get('wind-weather-8b/2-three-skies/draft.html');
  expect(draft).toContain('<p>From the &lt;wall&gt;</p>');
  expect(draft).toContain('content="Grey &amp; &quot;greyer&quot;"');
});

test('it opens as one page that is read without us: what was written, noted and said, and nothing that runs', async () => {
  const beside = { ...NOTHING_BESIDE };
  const sent = {
    ...writing('<p>of &lt;script&gt;alert(1)&lt;/script&gt;</p>'),
    title: '<i>Skies</i>',
    beside,
  };
  await succeeded(as(house, 'writer', savePost, { postId: named.postId, version: 3, writing: sent }));
  await succeeded(as(house, 'writer', writeComment, { postId: named.postId, text: 'Ask <me>.' }));
  const page = (await unpacked(house.people.writer))!.get('index.html')!;
  expect(page).toContain('Everything that is kept of Wren Example');
  for (const words of ['grey all day long', 'Well seen.', 'Ask &lt;me&gt;.', '&lt;i&gt;Skies&lt;/i&gt;'])
    expect(page).toContain(words);
  expect(page).not.toMatch(/<script|https?:|onerror/u);
});

test('earlier revisions are in the writer’s own and in the administrator’s, and never in a teacher’s', async () => {
  await keepAsRevision(database, (await findPost(database, named.postId))!, NOW);
  const said = (files: ReadonlyMap<string, string> | null) => [...(files?.entries() ?? [])].flat().join('');
  for (const who of ['writer', 'administrator'] as const) {
    const files = await unpacked(house.people[who]);
    expect(said(files)).toContain('secret');
    expect([...(files?.keys() ?? [])].filter((name) => name.includes('revision-'))).toHaveLength(1);
    expect(files?.get('index.html')).toMatch(/href="wind-weather-8b\/2-three-skies\/revision-1\.html"/u);
  }
  expect(said(await unpacked(house.people.teacher))).not.toContain('secret');
});

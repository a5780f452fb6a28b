import { expect, test } from 'vitest';
import {
  acceptPost,
  as,
  deskFor,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writing,
  freshHouse,
} from '../../../../tests/server/house';
import { FIRST_DESK_RULES } from '../../../core/classes/deskRules';
import { readerOf } from '../../ground/access/reader';
import { maybeFront } from '../../views/blog/viewFront';
import { maybePost } from '../../views/blog/viewPost';
import { database } from '../../ground/database/database';
import { maybeCompose } from '../../views/writing/viewCompose';
import { listLabelSet } from '../../tables/labels';
import { maybeLabels } from '../../views/labels/viewLabels';
import { changeDesk } from '../classes/changeDesk';
import { copyClass } from '../copying/copyClass';
import { beginPost } from '../posts/beginPost';
import { publish } from '../publications/publish';
import { changePostAddress } from '../addresses/changePostAddress';
import { savePost } from '../posts/savePost';
import { addLabel, changeLabel, decideLabel } from './changeLabel';

const house = freshHouse();

const begun = async () =>
  (await succeeded(as(house, 'writer', beginPost, { assignmentId: await setWork(house) }))).postId;

async function published(labels: readonly string[], html = '<p>grey all day long</p>'): Promise<string> {
  const postId = await begun();
  await succeeded(
    as(house, 'writer', savePost, { postId, version: 1, writing: writing(html, '2 · Skies', labels) }),
  );
  await acceptPost(house, postId, await handInPost(house, postId));
  return postId;
}

const desk = (rules: Partial<typeof FIRST_DESK_RULES>) =>
  succeeded(as(house, 'teacher', changeDesk, { classId: house.classId, ...FIRST_DESK_RULES, ...rules }));
const read = async () => (await maybeFront('wind', readerOf(null), NOW))?.posts[0]?.labels;
const listed = async () => {
  const labels = await maybeLabels(await deskFor(house, 'teacher'));
  return {
    labels: labels?.labels.map((one) => `${one.label} ${one.posts}`),
    waiting: labels?.proposals.map((one) => `${one.label} from ${one.by}`),
  };
};
const change = (label: string, becomes: string | null) =>
  as(house, 'teacher', changeLabel, { classId: house.classId, label, becomes });

test('a new label joins the class’s set with the hand-in', async () => {
  await published(['three skies', 'hail']);
  expect(await listed()).toEqual({ labels: ['hail 1', 'three-skies 1'], waiting: [] });
});

test('where the class says so, a new label waits, and readers do not see it until a teacher takes it in', async () => {
  await desk({ labelsWait: true });
  await published(['three-skies', 'hail']);
  expect(await listed()).toEqual({ labels: ['three-skies 1'], waiting: ['hail from Wren E.'] });
  expect(await read()).toEqual(['three-skies']);
  await succeeded(as(house, 'teacher', decideLabel, { classId: house.classId, label: 'hail', take: true }));
  expect(await read()).toEqual(['three-skies', 'hail']);
  expect(
    await as(house, 'teacher', decideLabel, { classId: house.classId, label: 'hail', take: true }),
  ).toMatchObject({
    code: 'labels.gone',
  });
});

test('a declined label is shown to nobody', async () => {
  await desk({ labelsWait: true });
  await published(['three-skies', 'rude']);
  await succeeded(as(house, 'teacher', decideLabel, { classId: house.classId, label: 'rude', take: false }));
  expect(await read()).toEqual(['three-skies']);
});

test('labels are renamed, merged and taken away; what was handed in keeps its own words', async () => {
  await published(['three-skies', 'hail']);
  await succeeded(as(house, 'teacher', addLabel, { classId: house.classId, label: 'ice' }));
  expect(await as(house, 'teacher', addLabel, { classId: house.classId, label: 'Ice' })).toMatchObject({
    code: 'labels.thereAlready',
  });
  await succeeded(change('hail', 'ice'));
  expect(await listed()).toMatchObject({ labels: ['ice 1', 'three-skies 1'] });
  await succeeded(change('ice', 'frost'));
  expect(await read()).toEqual(['three-skies', 'frost']);
  await succeeded(change('three-skies', null));
  expect(await read()).toEqual(['frost']);
  expect(await change('hail', 'snow')).toMatchObject({ code: 'labels.gone' });
});

test('a label says what it is given to and is drawn, keeps that under another name and in a copy of the class', async () => {
  await succeeded(as(house, 'teacher', addLabel, { classId: house.classId, label: 'hail' }));
  const explain = (label: string, becomes: string, meaning: string) =>
    as(house, 'teacher', changeLabel, { classId: house.classId, label, becomes, meaning });
  const draw = (label: string, drawing: string | null) =>
    as(house, 'teacher', changeLabel, { classId: house.classId, label, becomes: label, drawing });
  await succeeded(explain('hail', 'hail', ' ice that falls '));
  await succeeded(change('hail', 'hailstones'));
  const postId = await begun();
  const notes = async () => (await maybeCompose(postId, await deskFor(house, 'writer')))?.assignment.labelSet;
  const threeSkies = { label: 'three-skies', meaning: '', drawing: null };
  expect(await notes()).toEqual([
    { label: 'hailstones', meaning: 'ice that falls', drawing: null },
    threeSkies,
  ]);
  // What is not spoken of stays as it is.
  await succeeded(draw('hailstones', 'snow'));
  await succeeded(explain('hailstones', 'hailstones', 'hard rain'));
  expect(await notes()).toEqual([{ label: 'hailstones', meaning: 'hard rain', drawing: 'snow' }, threeSkies]);
  expect(await draw('hailstones', 'a drawing of ours')).toMatchObject({ ok: false });
  expect(await explain('hail', 'hail', 'gone')).toMatchObject({ code: 'labels.gone' });
  expect(await explain('hailstones', 'hailstones', 'x'.repeat(121))).toMatchObject({ ok: false });
  // Merged into another label, it is the other's meaning that holds.
  await succeeded(explain('hailstones', 'three-skies', 'nobody reads this'));
  expect(await notes()).toEqual([threeSkies]);
  await succeeded(draw('three-skies', 'moon'));
  await succeeded(draw('three-skies', null));
  await succeeded(draw('three-skies', 'cloud'));
  await succeeded(explain('three-skies', 'three-skies', 'three days'));
  const copied = await succeeded(
    as(house, 'teacher', copyClass, { classId: house.classId, title: 'Wind again', groupName: '9B' }),
  );
  expect(await listLabelSet(database, copied.classId)).toEqual([
    { label: 'three-skies', meaning: 'three days', drawing: 'cloud' },
  ]);
});

test('a post gets another address, and the old one leads on', async () => {
  const postId = await published([]);
  const change = (address: string) => as(house, 'writer', changePostAddress, { postId, address });
  // People outside read it: a teacher looks at the new words first.
  const asked = 'ævintyri-uber-dem-kai';
  expect(await succeeded(change('Ævintýri über dem Kai!'))).toEqual({ address: '2-skies', asked });
  expect(await maybePost('wind', asked, readerOf(null), NOW)).toBeNull();
  await succeeded(as(house, 'teacher', publish, { postId, audience: 'everyone' }));
  const at = async (address: string) => (await maybePost('wind', address, readerOf(null), NOW))?.address;
  expect(await at('2-skies')).toBe('/blog/wind/ævintyri-uber-dem-kai');
  expect(await change('···')).toMatchObject({ ok: false });
  const other = await published([]);
  const taken = await as(house, 'writer', changePostAddress, { postId: other, address: '2 skies' });
  expect(taken).toMatchObject({ code: 'post.addressTaken' });
  const reserved = await as(house, 'writer', changePostAddress, { postId, address: ' Search! ' });
  expect(reserved).toMatchObject({ code: 'post.addressReserved', values: { address: 'search' } });
  expect((await maybeCompose(other, await deskFor(house, 'writer')))?.place).toEqual({
    blog: '/blog/wind',
    address: '2-skies-2',
    asked: null,
  });
});

test('links open in the same tab where the class says so; videos never do', async () => {
  await published(
    [],
    '<p><a href="https://harbour.example/">quay</a></p><figure data-video="https://films.example/film/1"></figure>',
  );
  const html = async () => (await maybePost('wind', '2-skies', readerOf(null), NOW))?.html ?? '';
  expect((await html()).match(/target="_blank"/g)).toHaveLength(2);
  await desk({ linksInSameTab: true });
  expect((await html()).match(/target="_blank"/g)).toHaveLength(1);
});

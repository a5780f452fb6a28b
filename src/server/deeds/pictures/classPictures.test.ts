import sharp from 'sharp';
import { expect, test } from 'vitest';
import {
  acceptPost,
  as,
  handInPost,
  NOW,
  personOf,
  setWork,
  succeeded,
  writePost,
  writing,
  type Who,
  freshHouse,
} from '../../../../tests/server/house';
import { beginPost } from '../posts/beginPost';
import { handIn } from '../posts/handIn';
import { savePost } from '../posts/savePost';
import { addPicture } from './addPicture';
import { listClassPictures } from './listClassPictures';
import { maybeShowPicture } from './showPicture';
import { takeOutPicture } from './takeOutPicture';

const house = freshHouse();

async function upload(who: Who): Promise<string> {
  const background = { r: Math.floor(Math.random() * 255), g: 90, b: 120 };
  const file = await sharp({ create: { width: 32, height: 24, channels: 3, background } })
    .png()
    .toBuffer();
  const { classId } = house;
  const added = await succeeded(addPicture({ classId, file }, { personId: personOf(house, who), now: NOW }));
  return added.pictureId;
}

const shows = (src: string, licence: string) =>
  `<p>grey all day long</p><figure><img src="${src}" alt="A vane" data-licence="${licence}"><figcaption>North <cite>Wren</cite></figcaption></figure>`;

const listed = async (who: Who) => {
  const result = await as(house, who, listClassPictures, { classId: house.classId });
  return result.ok ? result.value.pictures : result.code;
};
const seen = async (src: string, who: Who) =>
  (await maybeShowPicture(
    { id: src, width: 480 },
    { personId: personOf(house, who), device: null, as: null },
    NOW,
  )) !== null;

async function published(licence: string): Promise<string> {
  const src = await upload('writer');
  const postId = await writePost(house, await setWork(house), shows(src, licence));
  await acceptPost(house, postId, await handInPost(house, postId));
  return src;
}

test('one’s own are there at once, classmates’ once their post is before the class', async () => {
  const src = await upload('writer');
  expect(await listed('writer')).toMatchObject([{ id: src, own: true, choosable: true, shownIn: [] }]);
  expect(await listed('classmate')).toEqual([]);
  const shown = await published('withName');
  expect(await listed('classmate')).toMatchObject([
    {
      id: shown,
      own: false,
      choosable: true,
      by: 'Wren E.',
      description: 'A vane',
      caption: 'North',
      credit: 'Wren',
      licence: 'withName',
      shownIn: ['2 · Skies'],
    },
  ]);
  for (const who of ['visitor', 'stranger', 'reader'] as const) expect(await listed(who)).toBe('notThere');
});

test.each([
  ['withName', true],
  ['free', true],
  ['classOnly', false],
  ['permitted', false],
  ['', false],
])('a classmate’s picture of use “%s” can be shown to others: %s', async (licence, choosable) => {
  const src = await published(licence);
  expect(await listed('classmate')).toMatchObject([{ choosable }]);
  const { postId } = await succeeded(
    as(house, 'classmate', beginPost, {
      assignmentId: await setWork(house, { audience: 'ourClass', release: 'handIn' }),
    }),
  );
  await succeeded(
    as(house, 'classmate', savePost, {
      postId,
      version: 1,
      writing: writing(shows(src, licence), '3 · Mine'),
    }),
  );
  await succeeded(as(house, 'classmate', handIn, { postId, version: 2 }));
  const [picture] = (await listed('teacher')) as readonly { readonly shownIn: readonly string[] }[];
  expect(picture?.shownIn.toSorted()).toEqual(choosable ? ['2 · Skies', '3 · Mine'] : ['2 · Skies']);
});

test('a picture in a draft cannot be made public by whoever knows its name', async () => {
  const src = await upload('writer');
  const { postId } = await succeeded(
    as(house, 'classmate', beginPost, {
      assignmentId: await setWork(house, { audience: 'ourClass', release: 'handIn' }),
    }),
  );
  await succeeded(
    as(house, 'classmate', savePost, { postId, version: 1, writing: writing(shows(src, 'free')) }),
  );
  await succeeded(as(house, 'classmate', handIn, { postId, version: 2 }));
  expect(await seen(src, 'writer')).toBe(true);
  for (const who of ['classmate', 'teacher', 'editor'] as const) expect(await seen(src, who)).toBe(false);
});

test('a teacher takes one out; posts keep it', async () => {
  const src = await published('free');
  await succeeded(as(house, 'teacher', takeOutPicture, { classId: house.classId, pictureId: src }));
  expect(await listed('classmate')).toEqual([]);
  expect(await seen(src, 'visitor')).toBe(true);
  expect(
    await as(house, 'teacher', takeOutPicture, { classId: house.classId, pictureId: src }),
  ).toMatchObject({
    code: 'notThere',
  });
});

import sharp from 'sharp';
import { describe, expect, test } from 'vitest';
import {
  acceptPost,
  EVERYBODY,
  handInPost,
  NOW,
  personOf,
  ROLES,
  setWork,
  succeeded,
  type Who,
  writePost,
  freshHouse,
} from '../../../../tests/server/house';
import { may } from '../../../core/access/may';
import { areAlike } from '../../../core/requirements/pictureHash';
import { readerOf } from '../../ground/access/reader';
import { addPicture } from './addPicture';
import { encodePicture } from './encode';
import { maybeShowPicture } from './showPicture';

const house = freshHouse();

const drawing = (circle: string, width = 1200) =>
  Buffer.from(
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${width / 2}" viewBox="0 0 200 100"><rect width="200" height="100" fill="#9bd"/><circle ${circle} r="40" fill="#222"/></svg>`,
  );
const photograph = (circle = 'cx="60" cy="50"', width = 1200) => sharp(drawing(circle, width)).jpeg();
const upload = async (who: Who, file: Buffer) =>
  addPicture({ classId: house.classId, file }, { personId: personOf(house, who), now: NOW });

describe('encodePicture', () => {
  test('turns a picture upright and drops where it was taken', async () => {
    const file = await photograph()
      .withExif({ IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '53/1 20/1 0/1' } })
      .withMetadata({ orientation: 6 })
      .toBuffer();
    expect((await sharp(file).metadata()).exif).toBeDefined();
    const encoded = await encodePicture(file);
    if (!encoded.ok) throw new Error(encoded.code);
    expect([encoded.width, encoded.height]).toEqual([600, 1200]);
    for (const [width, content] of encoded.files) {
      const metadata = await sharp(content).metadata();
      expect(metadata).toMatchObject({ format: 'webp', width: Math.min(width, 600) });
      expect(metadata.exif).toBeUndefined();
    }
  });

  test('hashes alike what looks alike, whatever size and quality', async () => {
    const hashes = await Promise.all(
      [
        photograph(),
        photograph('cx="60" cy="50"', 500).jpeg({ quality: 40 }),
        photograph('cx="150" cy="20"'),
      ].map(async (picture) => {
        const encoded = await encodePicture(await picture.toBuffer());
        return encoded.ok ? encoded.perceptualHash : '';
      }),
    );
    const by = { a: hashes[0]!, b: hashes[1]!, c: hashes[2]! };
    expect(areAlike('a', 'b', by)).toBe(true);
    expect(areAlike('a', 'c', by)).toBe(false);
  });

  test.each([
    ['no picture at all', Buffer.from('hello'), 'picture.notAPicture'],
    ['half a picture', 'half', 'picture.notAPicture'],
    ['a drawing that could carry a script', drawing('cx="1" cy="1"'), 'picture.notAPicture'],
    [
      'a picture as phones keep it',
      Buffer.from('\0\0\0\x18ftypmif1\0\0\0\0mif1heic', 'latin1'),
      'picture.heic',
    ],
    ['a file that is too large', Buffer.alloc(16 * 1024 * 1024), 'picture.tooLarge'],
  ])('refuses %s', async (_, given, code) => {
    const file = typeof given === 'string' ? (await photograph().toBuffer()).subarray(0, 400) : given;
    expect(await encodePicture(file)).toMatchObject({ ok: false, code, field: 'file' });
  });
});

test('a picture is taken from people of the class alone', async () => {
  const file = await photograph().toBuffer();
  for (const who of EVERYBODY)
    expect([who, (await upload(who, file)).ok]).toEqual([
      who,
      may({ personId: personOf(house, who), role: ROLES[who] }, 'picture.add', {}),
    ]);
});

test('a picture is shown to its uploader, with the hand-in to teachers, and published to its readers', async () => {
  const { pictureId } = await succeeded(upload('writer', await photograph().toBuffer()));
  const seers = async () => {
    const seen = await Promise.all(
      EVERYBODY.map((who) =>
        maybeShowPicture({ id: pictureId, width: 480 }, readerOf(personOf(house, who)), NOW),
      ),
    );
    return EVERYBODY.filter((_, index) => seen[index] !== null);
  };
  expect(await seers()).toEqual(['writer']);
  const postId = await writePost(
    house,
    await setWork(house),
    `<p>grey all day long</p><img src="${pictureId}" alt="grey">`,
  );
  expect(await seers()).toEqual(['writer']);
  const handInId = await handInPost(house, postId);
  expect(await seers()).toEqual(['writer', 'supplyTeacher', 'coTeacher', 'teacher']);
  await acceptPost(house, postId, handInId);
  expect(await seers()).toEqual(EVERYBODY);
  expect(
    await maybeShowPicture({ id: pictureId, width: 481 }, readerOf(house.people.writer), NOW),
  ).toBeNull();
  expect(
    await maybeShowPicture({ id: 'nosuchpicture000', width: 480 }, readerOf(house.people.writer), NOW),
  ).toBeNull();
});

import { mkdirSync, readdirSync, utimesSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from 'vitest';
import { freshHouse, NOW, personOf } from '../../../../tests/server/house';
import { tidyFiles } from '../../deeds/chores/tidyFiles';
import { insertPicture } from '../../tables/pictures';
import { database } from '../database/database';
import { newId } from '../database/newId';
import { getSettings } from '../settings/settings';
import { SHELVES } from './shelves';

const house = freshHouse();

const hash = (start: string): string => start.padEnd(64, '0');
const long = new Date(Date.now() - 3 * 24 * 60 * 60 * 1000);

test('files that no row names go once they are a day old, with what a kill left half written', async () => {
  const shelf = path.join(getSettings().pictureFolder, 'e1');
  for (const one of ['e1a', 'e1b', 'e1c'])
    await SHELVES.pictures.store(hash(one), 480, Buffer.from('a picture'));
  const half = `${hash('e1a')}-480.webp.${newId()}`;
  writeFileSync(path.join(shelf, half), 'a pic');
  await SHELVES.handouts.store(hash('e1d'), 'whole', Buffer.from('a chart'));
  await insertPicture(database, {
    id: newId(),
    classId: house.classId,
    uploadedBy: personOf(house, 'teacher') ?? '',
    contentHash: hash('e1a'),
    perceptualHash: '0'.repeat(16),
    width: 2,
    height: 2,
    purpose: 'picture',
    at: NOW,
  });
  const handouts = path.join(getSettings().pictureFolder, 'handouts', 'e1');
  mkdirSync(handouts, { recursive: true });
  for (const name of [half, ...['e1a', 'e1b', 'e1c'].map((one) => `${hash(one)}-480.webp`)])
    utimesSync(path.join(shelf, name), long, long);
  utimesSync(path.join(handouts, hash('e1d')), long, long);
  // Brought anew, with its row still on the way.
  await SHELVES.pictures.store(hash('e1c'), 480, Buffer.from('a picture'));

  await tidyFiles();
  expect(readdirSync(shelf).sort()).toEqual([`${hash('e1a')}-480.webp`, `${hash('e1c')}-480.webp`]);
  expect(readdirSync(handouts)).toEqual([]);
});

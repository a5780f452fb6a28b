import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { closeDevice } from '../basics/device';
import { takenUp, unsavedPeerWords } from './unsavedPeerWords';

beforeEach(() => {
  vi.stubGlobal('indexedDB', new IDBFactory());
});
afterEach(async () => {
  await closeDevice();
  vi.unstubAllGlobals();
});

const key = (of: number) => Buffer.alloc(32, of).toString('base64');
const elke = { personId: 'elke', id: 'reading', sealKey: key(1) };
const LEFT = { '0': { words: 'The gulls sitting down.', anchor: null, base: '' } };

test('what a reader typed waits on the device for that reader alone, and nobody else can read it there', async () => {
  expect(await unsavedPeerWords.keep(elke, LEFT)).toBe(true);
  expect(await unsavedPeerWords.find(elke)).toEqual(LEFT);
  expect(await unsavedPeerWords.find({ ...elke, personId: 'ilse', sealKey: key(2) })).toBeNull();
  expect(await unsavedPeerWords.find({ ...elke, id: 'another' })).toBeNull();
  const database = await openDB('green-porch');
  expect(JSON.stringify(await database.getAll('peerWords'))).not.toContain('gulls');
  database.close();
  await unsavedPeerWords.forget(elke);
  expect(await unsavedPeerWords.find(elke)).toBeNull();
});

test('a device of before keeps what lies there, and has room for this', async () => {
  const before = await openDB('green-porch', 3, {
    upgrade: (database) => {
      for (const name of ['unsaved', 'pressed', 'notes']) database.createObjectStore(name);
    },
  });
  await before.put('pressed', 7, ['elke', 'post']);
  before.close();
  expect(await unsavedPeerWords.keep(elke, LEFT)).toBe(true);
  const now = await openDB('green-porch');
  expect(await now.get('pressed', ['elke', 'post'])).toBe(7);
  now.close();
});

test.each([
  // typed, over what, and what the server has now
  ['Grey.', '', '', 'Grey.'],
  ['Grey.', 'Gr', 'Gr', 'Grey.'],
  ['Grey.', 'Gr', 'Grey.', null],
  ['', 'Gr', 'Gr', ''],
  ['', '', '', null],
  ['Grey.', 'Gr', '', 'Grey.'],
  ['Grey.', 'Gr', 'Blue.', 'Blue.\nGrey.'],
  ['', 'Gr', 'Blue.', null],
])('“%s”, typed over “%s” where there is “%s” now, stands as %j', (words, base, there, stands) => {
  expect(takenUp({ words, base }, there)).toBe(stands);
});

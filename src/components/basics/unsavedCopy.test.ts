import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { NOTHING_BESIDE } from '../../core/posts/beside';
import { closeDevice } from './device';
import { countUnsaved, findUnsaved, forgetUnsaved, keepUnsaved } from './unsavedCopy';

const writing = { title: 'Skies', labels: [], beside: NOTHING_BESIDE, body: { type: 'doc' } };

const KEYS: Readonly<Record<string, string>> = {
  tomas: Buffer.alloc(32, 1).toString('base64'),
  mara: Buffer.alloc(32, 2).toString('base64'),
};
const of = (personId: string, postId: string) => ({ personId, postId, sealKey: KEYS[personId] ?? '' });
/** All that lies on the device, as whoever sits down there next could read it. */
const lying = async () => {
  const database = await openDB('green-porch');
  const kept = await database.getAll('unsaved');
  database.close();
  return kept as readonly object[];
};

beforeEach(() => {
  vi.stubGlobal('indexedDB', new IDBFactory());
});
afterEach(async () => {
  await closeDevice();
  vi.unstubAllGlobals();
});

describe('unsaved words on a shared device', () => {
  test('wait for their writer alone, and for their post', async () => {
    expect(await keepUnsaved(of('tomas', 'p1'), { version: 3, writing })).toBe(true);
    expect(await findUnsaved(of('tomas', 'p1'))).toEqual({ version: 3, writing });
    expect(await findUnsaved(of('mara', 'p1'))).toBeNull();
    expect(await findUnsaved(of('tomas', 'p2'))).toBeNull();
  });

  test('the latest copy stands, and is there for the next page', async () => {
    void keepUnsaved(of('tomas', 'p1'), { version: 3, writing });
    await keepUnsaved(of('tomas', 'p1'), { version: 3, writing: { ...writing, title: 'Wet skies' } });
    await closeDevice();
    expect((await findUnsaved(of('tomas', 'p1')))?.writing.title).toBe('Wet skies');
  });

  test('are forgotten once the server has them', async () => {
    await keepUnsaved(of('tomas', 'p1'), { version: 3, writing });
    await forgetUnsaved(of('tomas', 'p1'));
    expect(await findUnsaved(of('tomas', 'p1'))).toBeNull();
  });

  test('what an older page left is completed', async () => {
    const older = { ...writing, beside: { subtitle: 'Grey' } } as unknown as typeof writing;
    await keepUnsaved(of('tomas', 'p1'), { version: 3, writing: older });
    expect((await findUnsaved(of('tomas', 'p1')))?.writing.beside).toEqual({
      ...NOTHING_BESIDE,
      subtitle: 'Grey',
    });
  });

  test('a device that forbids it says so and breaks nothing', async () => {
    vi.stubGlobal('indexedDB', {
      open: () => {
        throw new DOMException('forbidden', 'SecurityError');
      },
    });
    expect(await keepUnsaved(of('tomas', 'p1'), { version: 3, writing })).toBe(false);
    expect(await findUnsaved(of('tomas', 'p1'))).toBeNull();
    await forgetUnsaved(of('tomas', 'p1'));
  });

  test('lie there sealed: nobody reads them without the key that the server gives to their writer', async () => {
    await keepUnsaved(of('tomas', 'p1'), { version: 3, writing: { ...writing, title: 'Fernweh' } });
    const [kept] = await lying();
    expect(Object.keys(kept!)).toEqual(['sealed']);
    const { data } = (kept as { readonly sealed: { readonly data: ArrayBuffer } }).sealed;
    expect(Buffer.from(data).toString('latin1')).not.toContain('Fernweh');
    expect(await findUnsaved({ ...of('tomas', 'p1'), sealKey: KEYS['mara']! })).toBeNull();
    expect((await findUnsaved(of('tomas', 'p1')))?.writing.title).toBe('Fernweh');
  });

  test('two copies of the same words are sealed each in its own way', async () => {
    await keepUnsaved(of('tomas', 'p1'), { version: 3, writing });
    await keepUnsaved(of('tomas', 'p2'), { version: 3, writing });
    const [one, another] = (await lying()) as { readonly sealed: { readonly data: ArrayBuffer } }[];
    expect(Buffer.from(one!.sealed.data)).not.toEqual(Buffer.from(another!.sealed.data));
  });

  test('come one after the other, however fast they are asked for', async () => {
    const all = Array.from({ length: 40 }, (_, index) =>
      keepUnsaved(of('tomas', 'p1'), { version: 3, writing: { ...writing, title: `Title ${index}` } }),
    );
    expect(await Promise.all(all)).toEqual(Array.from({ length: 40 }, () => true));
    expect((await findUnsaved(of('tomas', 'p1')))?.writing.title).toBe('Title 39');
    void keepUnsaved(of('tomas', 'p1'), { version: 3, writing });
    await forgetUnsaved(of('tomas', 'p1'));
    expect(await findUnsaved(of('tomas', 'p1'))).toBeNull();
  });

  test('are counted for who signs out', async () => {
    await keepUnsaved(of('tomas', 'p1'), { version: 3, writing });
    await keepUnsaved(of('tomas', 'p2'), { version: 3, writing });
    expect([await countUnsaved('tomas'), await countUnsaved('mara')]).toEqual([2, 0]);
  });

  test('where the browser cannot seal, and what lies there from before, is read as it is', async () => {
    vi.stubGlobal('crypto', {});
    await keepUnsaved(of('tomas', 'p1'), { version: 3, writing });
    expect(await lying()).toEqual([{ version: 3, writing }]);
    vi.unstubAllGlobals();
  });
});

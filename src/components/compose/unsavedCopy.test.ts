import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { NOTHING_BESIDE } from '../../core/posts/beside';
import { closeDevice, findUnsaved, forgetUnsaved, keepUnsaved } from './unsavedCopy';

const writing = { title: 'Skies', labels: [], beside: NOTHING_BESIDE, body: { type: 'doc' } };

beforeEach(() => {
  vi.stubGlobal('indexedDB', new IDBFactory());
});
afterEach(async () => {
  await closeDevice();
  vi.unstubAllGlobals();
});

describe('unsaved words on a shared device', () => {
  test('wait for their writer alone, and for their post', async () => {
    expect(await keepUnsaved('tomas', 'p1', { version: 3, writing })).toBe(true);
    expect(await findUnsaved('tomas', 'p1')).toEqual({ version: 3, writing });
    expect(await findUnsaved('mara', 'p1')).toBeNull();
    expect(await findUnsaved('tomas', 'p2')).toBeNull();
  });

  test('the latest copy stands, and is there for the next page', async () => {
    void keepUnsaved('tomas', 'p1', { version: 3, writing });
    await keepUnsaved('tomas', 'p1', { version: 3, writing: { ...writing, title: 'Wet skies' } });
    await closeDevice();
    expect((await findUnsaved('tomas', 'p1'))?.writing.title).toBe('Wet skies');
  });

  test('are forgotten once the server has them', async () => {
    await keepUnsaved('tomas', 'p1', { version: 3, writing });
    await forgetUnsaved('tomas', 'p1');
    expect(await findUnsaved('tomas', 'p1')).toBeNull();
  });

  test('what an older page left is completed', async () => {
    const older = { ...writing, beside: { subtitle: 'Grey' } } as unknown as typeof writing;
    await keepUnsaved('tomas', 'p1', { version: 3, writing: older });
    expect((await findUnsaved('tomas', 'p1'))?.writing.beside).toEqual({
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
    expect(await keepUnsaved('tomas', 'p1', { version: 3, writing })).toBe(false);
    expect(await findUnsaved('tomas', 'p1')).toBeNull();
    await forgetUnsaved('tomas', 'p1');
  });
});

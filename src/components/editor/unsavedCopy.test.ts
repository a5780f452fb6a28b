import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { NOTHING_BESIDE } from '../../core/posts/beside';
import { findUnsaved, forgetUnsaved, keepUnsaved } from './unsavedCopy';

/** A device's storage that may be full or forbidden. */
class Storage {
  readonly kept = new Map<string, string>();
  broken = false;

  setItem(key: string, value: string): void {
    if (this.broken) throw new DOMException('full', 'QuotaExceededError');
    this.kept.set(key, value);
  }
  getItem(key: string): string | null {
    if (this.broken) throw new DOMException('forbidden', 'SecurityError');
    return this.kept.get(key) ?? null;
  }
  removeItem(key: string): void {
    this.kept.delete(key);
  }
}

const writing = { title: 'Skies', labels: [], beside: NOTHING_BESIDE, body: { type: 'doc' } };
let storage: Storage;

beforeEach(() => {
  storage = new Storage();
  vi.stubGlobal('localStorage', storage);
});
afterEach(() => {
  vi.unstubAllGlobals();
});

describe('unsaved words on a shared device', () => {
  test('wait for their writer alone, and for their post', () => {
    expect(keepUnsaved('tomas', 'p1', { version: 3, writing })).toBe(true);
    expect(findUnsaved('tomas', 'p1')).toEqual({ version: 3, writing });
    expect(findUnsaved('mara', 'p1')).toBeNull();
    expect(findUnsaved('tomas', 'p2')).toBeNull();
  });

  test('are forgotten once the server has them', () => {
    keepUnsaved('tomas', 'p1', { version: 3, writing });
    forgetUnsaved('tomas', 'p1');
    expect(findUnsaved('tomas', 'p1')).toBeNull();
    expect(storage.kept.size).toBe(0);
  });

  test('what an older page left is completed', () => {
    const { beside: _, ...older } = writing;
    storage.kept.set('porch:unsaved:tomas:p1', JSON.stringify({ version: 3, writing: older }));
    expect(findUnsaved('tomas', 'p1')).toEqual({ version: 3, writing });
  });

  test('a device without room says so and breaks nothing', () => {
    storage.broken = true;
    expect(keepUnsaved('tomas', 'p1', { version: 3, writing })).toBe(false);
    expect(findUnsaved('tomas', 'p1')).toBeNull();
  });

  test('what somebody else wrote under the key is no copy', () => {
    storage.kept.set('porch:unsaved:tomas:p1', '{');
    expect(findUnsaved('tomas', 'p1')).toBeNull();
  });
});

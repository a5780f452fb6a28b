import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { isBehind, noteSaved } from './savedVersion';

const held = new Map<string, string>();
const store = {
  getItem: (key: string) => held.get(key) ?? null,
  setItem: (key: string, value: string) => void held.set(key, value),
  removeItem: (key: string) => void held.delete(key),
};

beforeEach(() => {
  held.clear();
  vi.stubGlobal('window', { sessionStorage: store });
});
afterEach(() => vi.unstubAllGlobals());

test('a page that was made before the last save is behind, and is told so once', () => {
  noteSaved('a', 7);
  expect(isBehind('b', 1)).toBe(false);
  expect(isBehind('a', 6)).toBe(true);
  // The page that was fetched again is taken as it comes, even from a house that was put back to an older state.
  expect(isBehind('a', 6)).toBe(false);
});

test('a page of the version that was saved, or of a later one, is not behind', () => {
  noteSaved('a', 7);
  expect([7, 8].map((version) => isBehind('a', version))).toEqual([false, false]);
});

test('a browser that forbids its store is never behind', () => {
  const refuse = () => {
    throw new DOMException('forbidden', 'SecurityError');
  };
  vi.stubGlobal('window', { sessionStorage: { getItem: refuse, setItem: refuse, removeItem: refuse } });
  noteSaved('a', 7);
  expect(isBehind('a', 1)).toBe(false);
});

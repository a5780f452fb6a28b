'use client';

import { useEffect, useLayoutEffect, useState, type RefObject } from 'react';
import { keepApart } from '../../core/notes/apart';

// A server lays nothing out.
const useLayout = typeof window === 'undefined' ? useEffect : useLayoutEffect;

interface Beside {
  /** Where each item begins, in pixels below the list's own beginning. */
  readonly begins: readonly number[];
  /** Of all of them together. */
  readonly height: number;
}

/** The text that a list stands beside. */
export function sheetBeside(list: Element | null): Element | null {
  return list?.closest('.spread')?.querySelector('.sheet-text') ?? null;
}

/**
 * Puts the items of a list beside a text, each as near to its place there as the others let it.
 * @param topOf where the place of an item is now, from the top of the window; null for one that has none. Must stay the same
 *   function while nothing is another
 * @param gap pixels between two of them
 */
export function useBeside(
  list: RefObject<HTMLElement | null>,
  topOf: (item: HTMLElement, index: number, sheet: Element) => number | null,
  gap: number,
): Beside {
  const [beside, setBeside] = useState<Beside>({ begins: [], height: 0 });
  useLayout(() => {
    const element = list.current;
    const sheet = sheetBeside(element);
    if (!element || !sheet) return undefined;
    const items = [...element.children] as HTMLElement[];
    const put = () => {
      const { top } = element.getBoundingClientRect();
      const placed = items.map((item, index) => ({
        wanted: Math.max(0, (topOf(item, index, sheet) ?? top) - top),
        height: item.getBoundingClientRect().height,
      }));
      const begins = keepApart(placed, gap).map(Math.round);
      const height = (begins.at(-1) ?? 0) + (placed.at(-1)?.height ?? 0);
      setBeside((known) =>
        known.begins.join() === begins.join() && known.height === height ? known : { begins, height },
      );
    };
    put();
    // Pictures that arrive, letters that load, a note that is typed in: whatever moves a place or an item.
    const observer = new ResizeObserver(put);
    observer.observe(sheet);
    for (const item of items) observer.observe(item);
    return () => observer.disconnect();
  }, [list, topOf, gap]);
  return beside;
}

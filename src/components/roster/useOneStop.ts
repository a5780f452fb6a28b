'use client';

import { useEffect, useRef, type KeyboardEvent, type RefObject } from 'react';

const CONTROLS = 'a[href], button:not(:disabled), input:not(:disabled)';

/**
 * Makes a table one stop of the keyboard: Tab leads into it and out of it, the arrows lead from control to control within a row and
 * from row to row, Home and End to the first and the last of a row.
 */
export function useOneStop(): {
  readonly table: RefObject<HTMLTableElement | null>;
  readonly onKeyDown: (event: KeyboardEvent) => void;
} {
  const table = useRef<HTMLTableElement>(null);
  const current = useRef<Element | null>(null);
  // Whatever was drawn anew: one control of all is the stop.
  useEffect(() => {
    const box = table.current;
    if (!box) return undefined;
    const settle = () => {
      const all = [...box.querySelectorAll<HTMLElement>(CONTROLS)];
      const stop = all.find((one) => one === current.current) ?? all[0];
      for (const one of all) one.tabIndex = one === stop ? 0 : -1;
    };
    const onFocus = (event: FocusEvent) => {
      current.current = event.target instanceof Element ? event.target : null;
      settle();
    };
    settle();
    box.addEventListener('focusin', onFocus);
    return () => box.removeEventListener('focusin', onFocus);
  });
  const onKeyDown = (event: KeyboardEvent) => {
    const rows = [...(table.current?.rows ?? [])]
      .map((row) => [...row.querySelectorAll<HTMLElement>(CONTROLS)])
      .filter((controls) => controls.length > 0);
    const at = event.target instanceof HTMLElement ? event.target : null;
    const y = rows.findIndex((controls) => at !== null && controls.includes(at));
    const x = at ? (rows[y]?.indexOf(at) ?? -1) : -1;
    if (y < 0 || x < 0) return;
    const target = goal(event.key, rows, { y, x });
    if (!target) return;
    event.preventDefault();
    target.focus();
  };
  return { table, onKeyDown };
}

/** Where a key leads from a control, or nothing where it is no key of ours. */
function goal(
  key: string,
  rows: readonly (readonly HTMLElement[])[],
  { y, x }: { readonly y: number; readonly x: number },
): HTMLElement | undefined {
  const inRow = (row: readonly HTMLElement[] | undefined) => row?.[Math.min(x, row.length - 1)];
  switch (key) {
    case 'ArrowDown':
      return inRow(rows[y + 1]);
    case 'ArrowUp':
      return inRow(rows[y - 1]);
    case 'ArrowRight':
      return rows[y]?.[x + 1];
    case 'ArrowLeft':
      return rows[y]?.[x - 1];
    case 'Home':
      return rows[y]?.[0];
    case 'End':
      return rows[y]?.at(-1);
    default:
      return undefined;
  }
}

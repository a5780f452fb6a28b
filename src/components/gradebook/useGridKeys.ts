'use client';

import type { KeyboardEvent } from 'react';
import type { Spot } from './cells';

interface Grid {
  readonly rows: number;
  readonly stops: number;
  /** How many rows are to be seen at once. */
  readonly page: number;
  readonly focus: Spot;
  /** Goes to a spot; with `extend` the block is drawn there from where it began. */
  readonly go: (to: Spot, extend: boolean) => void;
  /** Begins to type in the cell, with what was pressed or with what stands there. */
  readonly begin: (text: string | null) => void;
  readonly clear: () => void;
  readonly undo: () => void;
  readonly leave: () => void;
}

/** The keys of a spreadsheet. */
export function useGridKeys({ rows, stops, page, focus, go, begin, clear, undo, leave }: Grid) {
  const to = (row: number, stop: number): Spot => ({
    row: Math.max(0, Math.min(rows - 1, row)),
    stop: Math.max(0, Math.min(stops - 1, stop)),
  });
  return (event: KeyboardEvent) => {
    const { key, shiftKey, altKey } = event;
    const command = event.ctrlKey || event.metaKey;
    const { row, stop } = focus;
    const moves: Readonly<Record<string, () => Spot>> = {
      ArrowUp: () => to(command ? 0 : row - 1, stop),
      ArrowDown: () => to(command ? rows - 1 : row + 1, stop),
      ArrowLeft: () => to(row, command ? 0 : stop - 1),
      ArrowRight: () => to(row, command ? stops - 1 : stop + 1),
      Home: () => to(command ? 0 : row, 0),
      End: () => to(command ? rows - 1 : row, stops - 1),
      PageUp: () => to(row - page, stop),
      PageDown: () => to(row + page, stop),
    };
    const deeds: Readonly<Record<string, () => void>> = {
      Enter: () => begin(null),
      F2: () => begin(null),
      Delete: clear,
      Backspace: clear,
      Escape: leave,
    };
    if (altKey) return;
    const move = Object.hasOwn(moves, key) ? moves[key] : undefined;
    if (move) go(move(), shiftKey && key.startsWith('Arrow'));
    else if (command && key.toLowerCase() === 'z' && !shiftKey) undo();
    else if (command) return;
    else if (Object.hasOwn(deeds, key)) deeds[key]!();
    else if (/^[\d.,]$/.test(key)) begin(key);
    else return;
    event.preventDefault();
  };
}

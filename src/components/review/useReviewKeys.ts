'use client';

import { useEffect } from 'react';

/** The parts of the page that F6 goes round, in order, each by what takes the focus in it. */
const PARTS = [
  '.pin-here',
  '.notes-beside :is(textarea, button)',
  '.railing [data-bay], .railing .bay',
  '.gate .sign:not(:disabled)',
] as const;

/** Keys that lead about a hand-in that is read: from part to part, from note to note, from slip to slip. */
export function useReviewKeys(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const step = event.key === 'F6' ? (event.shiftKey ? -1 : 1) : (STEPS[event.key] ?? null);
      if (step === null || event.ctrlKey || event.metaKey) return;
      if (event.key === 'F6') goRound(step);
      else if (!event.altKey || event.shiftKey) return;
      else if (event.key.startsWith('Page')) slipBeside(step)?.click();
      else goAmongNotes(step);
      event.preventDefault();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, []);
}

const STEPS: Readonly<Record<string, 1 | -1>> = { ArrowDown: 1, ArrowUp: -1, PageDown: 1, PageUp: -1 };

function inSight(part: string): HTMLElement | undefined {
  return [...document.querySelectorAll<HTMLElement>(part)].find((one) => one.offsetParent !== null);
}

/** Leads to the next part that is there, round and round. */
function goRound(by: 1 | -1): void {
  const stops = PARTS.map(inSight);
  const at = document.activeElement;
  const holders = ['.pin-here', '.notes-beside', '.bays', '.gate'];
  const here = holders.findIndex((holder) => at?.closest(holder) !== null);
  for (let step = 1; step <= stops.length; step += 1) {
    const next = stops[(Math.max(here, by > 0 ? -1 : 0) + by * step + stops.length * step) % stops.length];
    if (next && next !== at) return next.focus();
  }
}

function goAmongNotes(by: 1 | -1): void {
  const notes = [...document.querySelectorAll<HTMLElement>('.notes-beside > li')];
  const here = notes.findIndex((note) => note.contains(document.activeElement));
  const next = notes[here < 0 ? (by > 0 ? 0 : notes.length - 1) : here + by];
  next?.querySelector<HTMLElement>('textarea, button')?.focus();
}

/** The slip after or before the one that is read; the first where none of them is. */
function slipBeside(by: 1 | -1): HTMLElement | undefined {
  const slips = [...document.querySelectorAll<HTMLElement>('a.slip')];
  const here = slips.findIndex((slip) => slip.getAttribute('aria-current') === 'page');
  return slips[here < 0 ? 0 : here + by];
}

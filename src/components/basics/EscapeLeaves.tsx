'use client';

import { useEffect } from 'react';

/** What a button has that leaves what it stands in without doing anything: `data-leave`. */
const LEAVES = '[data-leave]';
const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select, textarea, summary, [tabindex]:not([tabindex="-1"])';

/**
 * Escape leaves the form or question that is open nearest to where one is, on every page, as pressing its own button does; and who
 * left goes on from there. Menus and dialogs have keys of their own.
 */
export function EscapeLeaves() {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'Escape' || event.defaultPrevented || event.isComposing) return;
      const from = event.target instanceof Element ? event.target : document.body;
      const leave = nearestTo(from);
      const details = from.closest<HTMLDetailsElement>('details[open]');
      if (leave && !(details && !details.contains(leave))) {
        event.preventDefault();
        leave.click();
      } else if (details) {
        event.preventDefault();
        details.open = false;
        details.querySelector('summary')?.focus();
      }
    };
    const onClick = ({ target }: MouseEvent) => {
      const leave = target instanceof Element ? target.closest(LEAVES) : null;
      if (!leave) return;
      const around = ancestorsOf(leave);
      // Once the page has been drawn anew.
      requestAnimationFrame(() => requestAnimationFrame(() => goOnIn(around)));
    };
    document.addEventListener('keydown', onKey);
    // Before the button goes away with what it leaves.
    document.addEventListener('click', onClick, true);
    return () => {
      document.removeEventListener('keydown', onKey);
      document.removeEventListener('click', onClick, true);
    };
  }, []);
  return null;
}

/** The button that leaves what is open nearest around an element. */
function nearestTo(element: Element): HTMLElement | null {
  for (let at: Element | null = element; at; at = at.parentElement) {
    const leave = [...at.querySelectorAll<HTMLElement>(LEAVES)].find((one) => one.checkVisibility());
    if (leave) return leave;
  }
  return null;
}

function ancestorsOf(element: Element): readonly Element[] {
  const around: Element[] = [];
  for (
    let at = element.parentElement;
    at && at.tagName !== 'MAIN' && at !== document.body;
    at = at.parentElement
  )
    around.push(at);
  return around;
}

/** Puts the focus to what is left of where it was, unless it went somewhere already. */
function goOnIn(around: readonly Element[]): void {
  if (document.activeElement !== document.body) return;
  for (const one of around) {
    const next = one.isConnected ? one.querySelector<HTMLElement>(FOCUSABLE) : null;
    if (next) return next.focus();
  }
}

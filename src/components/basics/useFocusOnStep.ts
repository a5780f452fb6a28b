'use client';

import { useEffect, useRef, type RefObject } from 'react';

const FIELD =
  'input:not([type="hidden"]):not([type="file"]):not([type="checkbox"]):not([type="radio"]):not(:disabled), textarea:not(:disabled), select:not(:disabled)';

/**
 * Takes the focus along when one step follows another: into the first field of the new one, or else to its heading, so that whoever
 * goes by keyboard or listens goes on from there. Nothing happens while the first step stands.
 * @param step names what is shown; a new one is a new step
 */
export function useFocusOnStep<Box extends HTMLElement>(step: string): RefObject<Box | null> {
  const box = useRef<Box>(null);
  const seen = useRef(step);
  useEffect(() => {
    if (seen.current === step) return;
    seen.current = step;
    const field = box.current?.querySelector<HTMLElement>(FIELD);
    const heading = box.current?.querySelector<HTMLElement>('h1, h2, [role="status"]');
    // A list that comes first is read by its heading; a form is filled in by its field.
    const isForm = field && (!heading || field.closest('form') !== null);
    const target = isForm ? field : heading;
    if (!target) return;
    if (target === heading) target.tabIndex = -1;
    target.focus({ preventScroll: target !== heading });
  }, [step]);
  return box;
}

'use client';

import { useCallback, useEffect, useRef, type ReactNode } from 'react';
import { sheetBeside, useBeside } from './useBeside';

/** Pixels between two notes. */
const GAP = 14;

interface NotesBesideProps {
  readonly label: string;
  /** In the order of their passages; those without one first. */
  readonly notes: readonly { readonly id: string; readonly shown: ReactNode }[];
  /** What the text is: where it is another one, every note is put in its place anew. */
  readonly text: unknown;
}

/** Notes beside a text, each as near to its passage as the others let it; one below the other where there is no room beside. */
export function NotesBeside({ label, notes, text }: NotesBesideProps) {
  const list = useRef<HTMLUListElement>(null);
  const ids = notes.map(({ id }) => id).join(' ');
  // Where the notes or the text are others, all are put in their places anew.
  const topOf = useCallback(
    (item: HTMLElement, _: number, sheet: Element) => topOfPassage(sheet, item.dataset['beside'] ?? ''),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- named so that it is another function then
    [ids, text],
  );
  const { begins, height } = useBeside(list, topOf, GAP);

  // A passage leads to its note, and a note that is looked at shows which passage is its own.
  useEffect(() => {
    const element = list.current;
    const sheet = sheetBeside(element);
    if (!element || !sheet) return undefined;
    const everything = () => [...element.children, ...sheet.querySelectorAll('[data-note]')];
    const fromText = (event: Event) => {
      const noted = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-note]') : null;
      const [id = ''] = noted?.dataset['note']?.split(' ') ?? [];
      const item = element.querySelector(`:scope > [data-beside="${CSS.escape(id)}"]`);
      if (id === '' || !item) return;
      showAlone(everything(), id);
      item.scrollIntoView({ block: 'nearest' });
    };
    const fromNote = (event: Event) => {
      const item =
        event.target instanceof Element ? event.target.closest<HTMLElement>('[data-beside]') : null;
      showAlone(everything(), item?.dataset['beside'] ?? '');
    };
    sheet.addEventListener('click', fromText);
    element.addEventListener('focusin', fromNote);
    element.addEventListener('click', fromNote);
    return () => {
      sheet.removeEventListener('click', fromText);
      element.removeEventListener('focusin', fromNote);
      element.removeEventListener('click', fromNote);
    };
  }, [ids, text]);

  if (notes.length === 0) return null;
  return (
    <ul ref={list} className="notes-beside" aria-label={label} style={{ minHeight: height }}>
      {notes.map(({ id, shown }, index) => (
        <li key={id} data-beside={id} style={{ top: begins[index] ?? 0 }}>
          {shown}
        </li>
      ))}
    </ul>
  );
}

/** Shows one note and its passage as the ones that are looked at. */
function showAlone(elements: readonly Element[], id: string): void {
  for (const element of elements) {
    const { note, beside } = (element as HTMLElement).dataset;
    element.classList.toggle('is-here', beside === id || (note?.split(' ').includes(id) ?? false));
  }
}

/** Where the first line of a note's passage is. */
function topOfPassage(sheet: Element, id: string): number | null {
  return sheet.querySelector(`[data-note~="${CSS.escape(id)}"]`)?.getClientRects()[0]?.top ?? null;
}

'use client';

import { useEffect, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { keepApart } from '../../core/notes/apart';

// A server lays nothing out.
const useLayout = typeof window === 'undefined' ? useEffect : useLayoutEffect;
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
  const [begins, setBegins] = useState<readonly number[]>([]);
  const [height, setHeight] = useState(0);
  const ids = notes.map(({ id }) => id).join(' ');

  useLayout(() => {
    const element = list.current;
    const sheet = element?.closest('.spread')?.querySelector('.sheet-text');
    if (!element || !sheet) return undefined;
    const put = () => {
      const { top } = element.getBoundingClientRect();
      const placed = [...element.children].map((item) => ({
        wanted: wantedIn(sheet, (item as HTMLElement).dataset['beside'] ?? '', top),
        height: item.getBoundingClientRect().height,
      }));
      const found = keepApart(placed, GAP).map(Math.round);
      setBegins((known) => (known.join() === found.join() ? known : found));
      setHeight((found.at(-1) ?? 0) + (placed.at(-1)?.height ?? 0));
    };
    put();
    // Pictures that arrive, letters that load, a note that is typed in: whatever moves a passage or a note.
    const observer = new ResizeObserver(put);
    observer.observe(sheet);
    for (const item of element.children) observer.observe(item);
    return () => observer.disconnect();
  }, [ids, text]);

  // A passage leads to its note, and a note that is looked at shows which passage is its own.
  useEffect(() => {
    const element = list.current;
    const sheet = element?.closest('.spread')?.querySelector('.sheet-text');
    if (!element || !sheet) return undefined;
    const fromText = (event: Event) => {
      const noted = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-note]') : null;
      const [id = ''] = noted?.dataset['note']?.split(' ') ?? [];
      const item = element.querySelector(`:scope > [data-beside="${CSS.escape(id)}"]`);
      if (id === '' || !item) return;
      showAlone([...element.children, ...sheet.querySelectorAll('[data-note]')], id);
      item.scrollIntoView({ block: 'nearest' });
    };
    const fromNote = (event: Event) => {
      const item =
        event.target instanceof Element ? event.target.closest<HTMLElement>('[data-beside]') : null;
      showAlone(
        [...element.children, ...sheet.querySelectorAll('[data-note]')],
        item?.dataset['beside'] ?? '',
      );
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

/** Where a note would like to begin: at the first line of its passage. */
function wantedIn(sheet: Element, id: string, top: number): number {
  const passage = sheet.querySelector(`[data-note~="${CSS.escape(id)}"]`);
  const first = passage?.getClientRects()[0];
  return first ? Math.max(0, first.top - top) : 0;
}

'use client';

import { useEffect, useLayoutEffect, useRef } from 'react';
import { markPage, type Marks } from './markPage';
import { readPageText, type PageText } from './pageText';

// A server lays nothing out.
const useLayout = typeof window === 'undefined' ? useEffect : useLayoutEffect;

interface MarkedTextProps {
  readonly html: string;
  /** What is marked, once the text was read. */
  readonly marksFor: (page: PageText) => Marks;
  /** Pictures that notes belong to: the notes by the picture's id. */
  readonly pictureNotes: ReadonlyMap<string, readonly string[]>;
  /** What can be done about each picture; must stay the same. */
  readonly atPicture: { readonly label: string; readonly press: (pictureId: string) => void } | null;
  /** The text as it stands there now; must stay the same function. */
  readonly onRead: (page: PageText) => void;
}

/** A post's text as readers see it, with passages marked in it. */
export function MarkedText({ html, marksFor, pictureNotes, atPicture, onRead }: MarkedTextProps) {
  const root = useRef<HTMLDivElement>(null);
  useLayout(() => {
    const element = root.current;
    if (!element) return;
    // What was marked before is nothing to be marked again.
    element.innerHTML = html;
    const page = readPageText(element);
    markPage(element, page, marksFor(page));
    for (const figure of element.querySelectorAll('figure')) {
      const id = pictureIn(figure);
      if (id === null) continue;
      const notes = pictureNotes.get(id);
      if (notes) figure.dataset['note'] = notes.join(' ');
      if (atPicture) figure.append(buttonFor(atPicture.label, () => atPicture.press(id)));
    }
    onRead(readPageText(element));
  }, [html, marksFor, pictureNotes, atPicture, onRead]);
  return <div ref={root} className="prose marked-text" dangerouslySetInnerHTML={{ __html: html }} />;
}

function buttonFor(label: string, press: () => void): HTMLElement {
  const button = document.createElement('button');
  button.type = 'button';
  button.className = 'act no-print';
  button.dataset['beside'] = '';
  button.textContent = label;
  button.addEventListener('click', press);
  return button;
}

const OF_PICTURE = /\/([0-9a-z]{16})(?:[/?.]|$)/;

/** The id of the picture in a figure; null where it has none of ours. */
function pictureIn(figure: Element): string | null {
  const src = figure.querySelector(':scope > img')?.getAttribute('src') ?? '';
  return OF_PICTURE.exec(src)?.[1] ?? null;
}

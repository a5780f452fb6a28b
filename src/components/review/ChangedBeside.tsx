'use client';

import { useTranslations } from 'next-intl';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { ChangedPlace } from '../../core/changes/changesInText';
import { keepApart } from '../../core/notes/apart';
import { rangeOf, type PageText } from '../notes/pageText';

// A server lays nothing out.
const useLayout = typeof window === 'undefined' ? useEffect : useLayoutEffect;
const GAP = 8;

interface ChangedBesideProps {
  readonly places: readonly ChangedPlace[];
  readonly page: PageText | null;
  readonly label: string;
}

/** What changed, counted beside each place, which it leads to. */
export function ChangedBeside({ places, page, label }: ChangedBesideProps) {
  const t = useTranslations('review.place');
  const list = useRef<HTMLOListElement>(null);
  const [begins, setBegins] = useState<readonly number[]>([]);

  useLayout(() => {
    const element = list.current;
    const sheet = element?.closest('.spread')?.querySelector('.sheet-text');
    if (!element || !sheet || !page) return undefined;
    const put = () => {
      const { top } = element.getBoundingClientRect();
      const placed = places.map((place, index) => ({
        wanted: Math.max(0, topOf(page, place) - top),
        height: element.children[index]?.getBoundingClientRect().height ?? 0,
      }));
      const found = keepApart(placed, GAP).map(Math.round);
      setBegins((known) => (known.join() === found.join() ? known : found));
    };
    put();
    const observer = new ResizeObserver(put);
    observer.observe(sheet);
    return () => observer.disconnect();
  }, [places, page]);

  const said = ({ added, removed, moved, picture }: ChangedPlace) => {
    if (added > 0 && removed > 0) return t('instead', { added, removed });
    if (added > 0) return t('new', { added });
    if (removed > 0) return t('out', { removed });
    return t(moved ? 'moved' : picture ? 'picture' : 'form');
  };
  return (
    <ol ref={list} className="changed-beside" aria-label={label}>
      {places.map((place, index) => (
        <li key={index} style={{ top: begins[index] ?? 0 }}>
          <button type="button" onClick={() => page && leadTo(page, place)}>
            {said(place)}
          </button>
        </li>
      ))}
    </ol>
  );
}

function topOf(page: PageText, place: ChangedPlace): number {
  const rect = rangeOf(page, place)?.getClientRects()[0];
  return (rect ?? blockAt(page, place)?.getBoundingClientRect())?.top ?? 0;
}

/** The block that a place stands in, where it has no words of its own. */
function blockAt({ lines }: PageText, { from }: ChangedPlace): Element | null {
  return (lines.findLast((line) => line.from <= from) ?? lines[0])?.element ?? null;
}

/** Brings a place before the eyes, chosen as if it had been marked by hand. */
function leadTo(page: PageText, place: ChangedPlace): void {
  const range = rangeOf(page, place);
  const element = range?.startContainer.parentElement ?? blockAt(page, place);
  element?.scrollIntoView({ block: 'center' });
  if (!range) return;
  const selection = document.getSelection();
  selection?.removeAllRanges();
  selection?.addRange(range);
}

'use client';

import { useTranslations } from 'next-intl';
import { useCallback, useRef } from 'react';
import type { ChangedPlace } from '../../core/changes/changesInText';
import { rangeOf, type PageText } from '../notes/pageText';
import { useBeside } from '../notes/useBeside';

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
  const topOfItem = useCallback(
    (_: HTMLElement, index: number) => {
      const place = places[index];
      return page && place ? topOf(page, place) : null;
    },
    [places, page],
  );
  const { begins } = useBeside(list, topOfItem, GAP);

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

'use client';

import { useTranslations } from 'next-intl';
import { useEffect, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { linesIn, sentencesOf } from '../../core/notes/sentences';
import type { Passage } from '../../core/notes/passage';
import { passageOf, rangeOf, type PageText } from './pageText';

interface PinHereProps {
  /** The text that stands on the page; null until it was read. */
  readonly page: PageText | null;
  readonly language: string;
  readonly name: string;
  /** What the button at a passage says. */
  readonly pins: string;
  readonly onPin: (passage: Passage) => void;
  readonly children: ReactNode;
}

interface Chosen {
  readonly passage: Passage;
  /** Where the button goes, within the text. */
  readonly left: number;
  readonly top: number;
}

/** Pixels under a passage, and the width that its button needs. */
const UNDER = 6;
const BUTTON = 150;

/** A text in which a passage can be chosen: by hand, or by keys by sentences and paragraphs. */
export function PinHere({ page, language, name, pins, onPin, children }: PinHereProps) {
  const t = useTranslations('notes');
  const [chosen, setChosen] = useState<Chosen | null>(null);
  /** The same at once: the browser tells of what was chosen by keys only after the next of them. */
  const passage = useRef<Passage | null>(null);
  const [holder, setHolder] = useState<HTMLDivElement | null>(null);

  useEffect(() => {
    if (!page || !holder) return undefined;
    const look = () => {
      const selection = document.getSelection();
      const range = selection && selection.rangeCount > 0 ? selection.getRangeAt(0) : null;
      const within = range && !range.collapsed && holder.contains(range.commonAncestorContainer);
      const found = within ? passageOf(page, range) : null;
      passage.current = found;
      setChosen(found && { passage: found, ...placeUnder(page, found, holder) });
    };
    document.addEventListener('selectionchange', look);
    return () => document.removeEventListener('selectionchange', look);
  }, [page, holder]);

  const pin = () => {
    const found = passage.current;
    if (!found) return;
    document.getSelection()?.removeAllRanges();
    passage.current = null;
    setChosen(null);
    onPin(found);
  };
  const onKeys = (event: KeyboardEvent) => {
    if (!page || event.target !== holder || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'Enter' && passage.current) {
      event.preventDefault();
      pin();
      return;
    }
    const step = STEPS[event.key];
    if (!step) return;
    event.preventDefault();
    const all = step.by === 'sentence' ? sentencesOf(page.text, language) : linesIn(page.text);
    const next = nextOf(all, passage.current, step.to);
    const range = next && rangeOf(page, next);
    if (!next || !range) return;
    passage.current = next;
    const selection = document.getSelection();
    selection?.removeAllRanges();
    selection?.addRange(range);
    range.startContainer.parentElement?.scrollIntoView({ block: 'nearest' });
  };
  return (
    <div
      ref={setHolder}
      className="pin-here"
      role="group"
      tabIndex={0}
      aria-label={`${name}. ${t('byKeys')}`}
      onKeyDown={onKeys}
    >
      {children}
      {chosen ? (
        <button
          type="button"
          className="btn go pin-button"
          style={{ left: chosen.left, top: chosen.top }}
          // The passage stays chosen while it is pressed.
          onPointerDown={(event) => event.preventDefault()}
          onClick={pin}
        >
          {pins}
        </button>
      ) : null}
      <span className="sr-only" role="status">
        {chosen && page ? page.text.slice(chosen.passage.from, chosen.passage.to) : ''}
      </span>
    </div>
  );
}

const STEPS: Readonly<Record<string, { readonly by: 'sentence' | 'paragraph'; readonly to: 1 | -1 }>> = {
  ArrowRight: { by: 'sentence', to: 1 },
  ArrowLeft: { by: 'sentence', to: -1 },
  ArrowDown: { by: 'paragraph', to: 1 },
  ArrowUp: { by: 'paragraph', to: -1 },
};

/** The passage after or before the one that is chosen; the first where none is. */
function nextOf(all: readonly Passage[], chosen: Passage | null, to: 1 | -1): Passage | null {
  if (!chosen) return all[0] ?? null;
  return to > 0
    ? (all.find(({ from }) => from > chosen.from) ?? null)
    : (all.findLast(({ from }) => from < chosen.from) ?? null);
}

function placeUnder(page: PageText, passage: Passage, holder: Element) {
  const rects = rangeOf(page, passage)?.getClientRects() ?? [];
  const last = [...rects].at(-1);
  const box = holder.getBoundingClientRect();
  if (!last) return { left: 0, top: 0 };
  return {
    left: Math.max(0, Math.min(last.right - box.left - BUTTON, box.width - BUTTON)),
    top: last.bottom - box.top + UNDER,
  };
}

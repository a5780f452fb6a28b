'use client';

import type { Editor } from '@tiptap/react';
import { useEffect } from 'react';

/** The parts of the desk that F6 goes round, in order, each by what takes the focus in it. */
const PARTS = ['.tools button:not(:disabled)', '.railing button:not(.sign)', '.railing .sign'] as const;

/** Keys that lead about the desk: F6 from part to part, others to what is put into the text. */
export function useDeskKeys(editor: Editor | null, onPictures: () => void): void {
  useEffect(() => {
    if (!editor) return undefined;
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'F6') {
        event.preventDefault();
        goRound(editor, event.shiftKey ? -1 : 1);
        return;
      }
      const mod = event.ctrlKey || event.metaKey;
      if (!mod || event.altKey || !editor.isFocused) return;
      const key = event.key.toLowerCase();
      if (key === 'k') {
        event.preventDefault();
        document.querySelector<HTMLElement>('.tools [data-tool="link"]')?.click();
      } else if (event.shiftKey && event.code === 'KeyP') {
        event.preventDefault();
        onPictures();
      } else if (event.shiftKey && event.code === 'Digit9') {
        event.preventDefault();
        editor.chain().focus().toggleWrap('blockquote').run();
      }
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [editor, onPictures]);
}

/** The first of a part's controls that is in sight. */
function firstOf(part: string): HTMLElement | undefined {
  return [...document.querySelectorAll<HTMLElement>(part)].find((one) => one.offsetParent !== null);
}

/** Leads to the next part of the desk that is there, round and round; the text is the first. */
function goRound(editor: Editor, by: 1 | -1): void {
  const stops = [() => void editor.commands.focus(), ...PARTS.map((part) => () => firstOf(part)?.focus())];
  const here = 1 + PARTS.findIndex((part) => document.activeElement?.matches(part) === true);
  for (let step = 1; step <= stops.length; step += 1) {
    const before = document.activeElement;
    stops[(here + by * step + stops.length * step) % stops.length]?.();
    if (document.activeElement !== before) return;
  }
}

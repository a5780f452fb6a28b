'use client';

import type { Editor } from '@tiptap/react';
import { useEffect, useReducer, type ReactNode, type Ref } from 'react';

interface TextBubbleProps {
  readonly editor: Editor;
  /** The place in the document that it stands under. */
  readonly at: number;
  readonly label: string;
  /** Escape was pressed in it; the focus is back in the text then. */
  readonly onLeave: () => void;
  readonly box?: Ref<HTMLDivElement>;
  readonly children: ReactNode;
}

/** What is offered about a place in the text, under it. */
export function TextBubble({ editor, at, label, onLeave, box, children }: TextBubbleProps) {
  // The text scrolls away under it: it is drawn anew at its place.
  const [, follow] = useReducer((times: number) => times + 1, 0);
  useEffect(() => {
    window.addEventListener('scroll', follow, true);
    return () => window.removeEventListener('scroll', follow, true);
  }, []);
  const { bottom, left } = editor.view.coordsAtPos(at);
  return (
    <div
      ref={box}
      role="group"
      aria-label={label}
      className="text-bubble"
      style={{ top: bottom + 6, left }}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        onLeave();
        editor.commands.focus();
      }}
    >
      {children}
    </div>
  );
}

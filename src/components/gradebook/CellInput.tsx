'use client';

import type { Spot } from './cells';

interface CellInputProps {
  readonly label: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly onLeave: () => void;
  /** Takes what is typed, and goes on from there; null stays where one is. */
  readonly onFinish: (move: Partial<Spot> | null) => void;
}

/** A cell that is typed in: Enter and Tab keep it and go on, Escape leaves it. */
export function CellInput({ label, text, onText, onLeave, onFinish }: CellInputProps) {
  return (
    <input
      autoFocus
      className="book-input"
      inputMode="decimal"
      aria-label={label}
      value={text}
      onChange={({ target }) => onText(target.value)}
      onKeyDown={(event) => {
        const back = event.shiftKey ? -1 : 1;
        if (event.key === 'Escape') onLeave();
        else if (event.key === 'Enter') onFinish({ row: back });
        else if (event.key === 'Tab') onFinish({ stop: back });
        else return;
        event.preventDefault();
        event.stopPropagation();
      }}
      onBlur={() => onFinish(null)}
    />
  );
}

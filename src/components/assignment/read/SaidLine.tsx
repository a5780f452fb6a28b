'use client';

import type { LucideIcon } from 'lucide-react';
import { useId, useState, type ReactNode } from 'react';

interface SaidLineProps {
  readonly icon: LucideIcon;
  /** The sentence at rest; what can be changed in it stands in `<b>`. */
  readonly said: ReactNode;
  /** Whether something in it was refused: then it cannot be closed. */
  readonly isRefused: boolean;
  /** What it is changed with. */
  readonly children: ReactNode;
}

/** A setting that is read as a sentence; pressed, it shows what it is changed with. */
export function SaidLine({ icon: Icon, said, isRefused, children }: SaidLineProps) {
  const [pressed, setPressed] = useState(false);
  const id = useId();
  const isOpen = pressed || isRefused;
  return (
    <div className="said-line">
      <Icon aria-hidden="true" size={17} className="mt-1 text-ink-2" />
      <div className="grid min-w-0 gap-3">
        <button
          type="button"
          aria-expanded={isOpen}
          aria-controls={isOpen ? id : undefined}
          onClick={() => setPressed(!pressed)}
        >
          {said}
        </button>
        {isOpen ? (
          <div id={id} className="grid gap-3">
            {children}
          </div>
        ) : null}
      </div>
    </div>
  );
}

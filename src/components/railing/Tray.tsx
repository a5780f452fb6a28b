'use client';

import { useTranslations } from 'next-intl';
import { useEffect, useRef, type ReactNode } from 'react';

interface TrayProps {
  readonly id: string;
  readonly title: string;
  /** The bay that it rises above; a wide tray rises above all of them. */
  readonly above: HTMLElement | null;
  readonly wide?: boolean;
  readonly width?: number;
  readonly onLower: () => void;
  readonly children: ReactNode;
}

/** What rises above a bay. It takes the focus when it rises and gives it back when it is lowered. */
export function Tray({ id, title, above, wide = false, width = 560, onLower, children }: TrayProps) {
  const t = useTranslations('railing');
  const tray = useRef<HTMLDivElement>(null);
  useEffect(() => {
    tray.current?.focus();
    return () => above?.focus();
  }, [above]);
  return (
    <div
      ref={tray}
      id={id}
      role="dialog"
      aria-label={title}
      tabIndex={-1}
      className={wide ? 'tray wide' : 'tray'}
      style={wide ? undefined : { left: startOf(above, width), width }}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        event.stopPropagation();
        onLower();
      }}
    >
      {wide ? null : (
        <>
          <h2>{title}</h2>
          <button type="button" className="lower" onClick={onLower}>
            {t('lower')} <kbd className="key">Esc</kbd>
          </button>
        </>
      )}
      {children}
    </div>
  );
}

/** Over its bay, but neither out of the window nor behind the gate, which stands in front. */
function startOf(bay: HTMLElement | null, width: number): number {
  const start = bay?.getBoundingClientRect().left ?? 16;
  const gate = bay?.closest('.railing')?.querySelector('.gate')?.getBoundingClientRect();
  const end = gate && gate.left > width ? gate.left : window.innerWidth - 16;
  return Math.max(0, Math.min(start, end - width));
}

'use client';

import { useTranslations } from 'next-intl';
import { useEffect, useLayoutEffect, useRef, type ReactNode } from 'react';

interface TrayProps {
  readonly id: string;
  readonly title: string;
  /** How what it is about stands, said in its heading. */
  readonly says?: ReactNode;
  /** The bay that it rises above; a wide tray rises above all of them. */
  readonly above: HTMLElement | null;
  readonly wide?: boolean;
  readonly width?: number;
  readonly onLower: () => void;
  readonly children: ReactNode;
}

/** What rises above a bay. It takes the focus when it rises and gives it back when it is lowered. */
export function Tray({
  id,
  title,
  says = null,
  above,
  wide = false,
  width = 560,
  onLower,
  children,
}: TrayProps) {
  const t = useTranslations('railing');
  const tray = useRef<HTMLDivElement>(null);
  // Before the page is painted, so that the focus is not taken from whatever the tray led to.
  useLayoutEffect(() => {
    const here = tray.current;
    here?.focus();
    return () => {
      if (hasFocus(here)) above?.focus();
    };
  }, [above]);
  // What was in focus may vanish, as a form does that was sent; the key still lowers the tray.
  useEffect(() => {
    const lowerBy = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && document.activeElement === document.body) onLower();
    };
    document.addEventListener('keydown', lowerBy);
    return () => document.removeEventListener('keydown', lowerBy);
  }, [onLower]);
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
          <h2>
            {says ? t('trayOf', { name: title }) : title} {says}
          </h2>
          <button type="button" className="lower" onClick={onLower}>
            {t('lower')} <kbd className="key">Esc</kbd>
          </button>
        </>
      )}
      {children}
    </div>
  );
}

/** Whether the focus is in the tray, or nowhere. */
function hasFocus(tray: HTMLElement | null): boolean {
  return document.activeElement === document.body || tray?.contains(document.activeElement) === true;
}

/** Over its bay, but neither out of the window nor behind the gate, which stands in front. */
function startOf(bay: HTMLElement | null, width: number): number {
  const start = bay?.getBoundingClientRect().left ?? 16;
  const gate = bay?.closest('.railing')?.querySelector('.gate')?.getBoundingClientRect();
  const end = gate && gate.left > width ? gate.left : window.innerWidth - 16;
  return Math.max(0, Math.min(start, end - width));
}

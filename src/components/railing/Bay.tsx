'use client';

import type { ReactNode } from 'react';
import type { Slat } from '../../core/requirements/slats';
import { Pickets } from './Pickets';

interface BayProps {
  readonly name: string;
  readonly slats: readonly Slat[];
  readonly bonus: boolean;
  readonly open: boolean;
  readonly trayId: string;
  readonly onPress: (bay: HTMLElement) => void;
  readonly children: ReactNode;
}

/** One bay of the railing: pickets, the requirement's name, one line of words. Pressing it raises its tray. */
export function Bay({ name, slats, bonus, open, trayId, onPress, children }: BayProps) {
  return (
    <button
      type="button"
      className="bay"
      aria-expanded={open}
      {...(open ? { 'aria-controls': trayId } : {})}
      onClick={(event) => onPress(event.currentTarget)}
    >
      <Pickets slats={slats} />
      <b>{name}</b>
      <small className={bonus ? 'bonus' : ''}>{children}</small>
    </button>
  );
}

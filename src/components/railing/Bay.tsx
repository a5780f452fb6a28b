'use client';

import type { ReactNode } from 'react';
import type { Slat } from '../../core/requirements/slats';
import { Pickets } from './Pickets';

interface BayHead {
  readonly name: string;
  /** Its pickets, or a figure in their place. */
  readonly slats: readonly Slat[] | ReactNode;
  readonly bonus?: boolean;
  /** One line of words. */
  readonly children: ReactNode;
}

interface BayProps extends BayHead {
  readonly open: boolean;
  readonly trayId: string;
  readonly onPress: (bay: HTMLElement) => void;
}

/** One bay of the railing: pickets, the requirement's name, one line of words. Pressing it raises its tray. */
export function Bay({ open, trayId, onPress, ...head }: BayProps) {
  return (
    <button
      type="button"
      className="bay"
      data-bay=""
      aria-expanded={open}
      {...(open ? { 'aria-controls': trayId } : {})}
      onClick={(event) => onPress(event.currentTarget)}
    >
      <Inside {...head} />
    </button>
  );
}

/** A bay of a list that only shows how something stands. */
export function StillBay(head: BayHead) {
  return (
    <li className="bay">
      <Inside {...head} />
    </li>
  );
}

function Inside({ name, slats, bonus = false, children }: BayHead) {
  return (
    <>
      {isPickets(slats) ? <Pickets slats={slats} /> : slats}
      <b>{name}</b>
      <small className={bonus ? 'bonus' : ''}>{children}</small>
    </>
  );
}

function isPickets(slats: BayHead['slats']): slats is readonly Slat[] {
  return Array.isArray(slats);
}

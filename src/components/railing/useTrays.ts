'use client';

import { useId, useState } from 'react';

/** A tray that is raised, and the bay that it rises above. */
interface Raised<Id extends string> {
  readonly id: Id;
  readonly above: HTMLElement | null;
}

interface Trays<Id extends string> {
  readonly raised: Raised<Id> | null;
  readonly raise: (id: Id, above: HTMLElement | null) => void;
  /** Raises a tray, or lowers it where it is raised. */
  readonly toggle: (id: Id) => (above: HTMLElement | null) => void;
  readonly lower: () => void;
  /** What the bay needs that a tray rises above. */
  readonly bay: (id: Id) => {
    readonly trayId: string;
    readonly open: boolean;
    readonly onPress: (above: HTMLElement) => void;
  };
  /** What the tray needs that is raised now. */
  readonly tray: { readonly id: string; readonly above: HTMLElement | null; readonly onLower: () => void };
}

/** The trays of a railing, of which one is raised at a time. */
export function useTrays<Id extends string>(): Trays<Id> {
  const trayId = useId();
  const [raised, setRaised] = useState<Raised<Id> | null>(null);
  const lower = () => setRaised(null);
  const toggle = (id: Id) => (above: HTMLElement | null) =>
    setRaised(raised?.id === id ? null : { id, above });
  return {
    raised,
    raise: (id, above) => setRaised({ id, above }),
    toggle,
    lower,
    bay: (id) => ({ trayId, open: raised?.id === id, onPress: toggle(id) }),
    tray: { id: trayId, above: raised?.above ?? null, onLower: lower },
  };
}

'use client';

import { useEffect, useState, type ComponentType } from 'react';

type Load = () => Promise<unknown>;

/** What will be wanted later and is not there yet. */
const later: Load[] = [];
/** How long a page is left alone at most, in milliseconds. */
const AT_LAST = 4000;

/**
 * A component whose script does not come with the page: it is loaded when it is first drawn, or before, once the page has
 * nothing else to do (see `useLoadedAhead`), so that it is there when the line is cut. Where it was not, it comes with the line.
 * @param Meanwhile what stands in its place until then; nothing, where it is absent
 */
export function onDemand<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  Meanwhile: ComponentType<Props> = Nothing,
): ComponentType<Props> {
  let loaded: ComponentType<Props> | null = null;
  const get = async () => (loaded ??= await load());
  later.push(get);
  return function OnDemand(props: Props) {
    const [Loaded, setLoaded] = useState(() => loaded);
    useEffect(() => {
      if (Loaded) return undefined;
      const fetchIt = () =>
        void get().then(
          (component) => setLoaded(() => component),
          () => undefined,
        );
      fetchIt();
      window.addEventListener('online', fetchIt);
      return () => window.removeEventListener('online', fetchIt);
    }, [Loaded]);
    return Loaded ? <Loaded {...props} /> : <Meanwhile {...props} />;
  };
}

/**
 * A control whose menu, popover or dialog comes when it is pressed: until then its trigger alone is there. What comes is drawn open.
 * @param Trigger the control at rest; it stands there, too, while the rest is on its way
 */
export function whenPressed<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  Trigger: ComponentType<Props & { readonly onPress?: () => void }>,
): ComponentType<Props> {
  const Opened = onDemand(load, Trigger);
  return function WhenPressed(props: Props) {
    const [pressed, setPressed] = useState(false);
    return pressed ? <Opened {...props} /> : <Trigger {...props} onPress={() => setPressed(true)} />;
  };
}

function Nothing(): null {
  return null;
}

/** Notes something else that is to be loaded ahead. */
export function loadLater(load: Load): void {
  later.push(load);
}

/** Loads what was put off, one after the other, once the page has nothing else to do. */
export function useLoadedAhead(): void {
  useEffect(() => {
    const loadAll = async () => {
      for (let load = later.shift(); load; load = later.shift())
        try {
          await load();
        } catch {
          // Without a line it is tried again when it is wanted.
          later.push(load);
          return;
        }
    };
    // Not every browser says when it is idle.
    if (!('requestIdleCallback' in window)) {
      const timer = setTimeout(() => void loadAll(), AT_LAST);
      return () => clearTimeout(timer);
    }
    const idle = requestIdleCallback(() => void loadAll(), { timeout: AT_LAST });
    return () => cancelIdleCallback(idle);
  }, []);
}

'use client';

import { useCallback, useRef, useState } from 'react';
import type { Outcome } from './call';
import { useSaver, type Saver } from './useSaver';

type AutosaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | (Outcome<never> & { readonly ok: false; readonly kind: 'refused' });

/** Something that saves itself. */
export interface Autosave<Value> extends Pick<Saver<Value>, 'version' | 'flush'> {
  readonly draft: Value;
  readonly state: AutosaveState;
  readonly change: (part: Partial<Value>) => void;
}

type Save<Value> = (draft: Value, version: number) => Promise<Outcome<{ readonly version: number }>>;

const PAUSE = 700;
const LONGEST = 10_000;

/**
 * Saves by itself after a pause; what is refused stays in the page, with what was wrong.
 * @param id of what is saved
 * @param send sends a draft that is based on a version; must stay the same function
 */
export function useAutosave<Value extends object>(
  id: string,
  first: Value,
  version: number,
  send: Save<Value>,
): Autosave<Value> {
  const [draft, setDraft] = useState(first);
  const [state, setState] = useState<AutosaveState>({ kind: 'saved' });
  const latest = useRef(first);
  const save = useCallback(
    async (value: Value, based: number) => {
      setState({ kind: 'saving' });
      const outcome = await send(value, based);
      if (outcome.ok) return outcome.value.version;
      setState({ ...outcome, kind: 'refused' });
      return null;
    },
    [send],
  );
  const onSaved = useCallback(() => setState({ kind: 'saved' }), []);
  const saver = useSaver<Value>({ id, version, pause: PAUSE, longest: LONGEST, save, onSaved });
  const { change: note } = saver;
  const change = useCallback(
    (part: Partial<Value>) => {
      latest.current = { ...latest.current, ...part };
      setDraft(latest.current);
      // What was refused stays said until it is sent again.
      setState((now) => (now.kind === 'saved' ? { kind: 'saving' } : now));
      note(latest.current);
    },
    [note],
  );
  return { draft, state, version: saver.version, change, flush: saver.flush };
}

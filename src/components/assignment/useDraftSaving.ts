'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { call } from '../basics/call';
import type { AssignmentDraft } from '../../core/assignments/assignmentSettings';

type DraftState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | {
      readonly kind: 'refused';
      readonly code: string;
      readonly field: string;
      readonly values?: Readonly<Record<string, string | number>>;
    };

/** An assignment that saves itself. */
export interface DraftSaving {
  readonly draft: AssignmentDraft;
  readonly state: DraftState;
  readonly change: (part: Partial<AssignmentDraft>) => void;
  /** Saves now; true when the server has everything. */
  readonly flush: () => Promise<boolean>;
}

const PAUSE = 700;

/** Saves an assignment by itself after a pause; what is refused stays in the page with a line at its field. */
export function useDraftSaving(assignmentId: string, first: AssignmentDraft, version: number): DraftSaving {
  const [draft, setDraft] = useState(first);
  const [state, setState] = useState<DraftState>({ kind: 'saved' });
  const latest = useRef(first);
  const sent = useRef(first);
  const based = useRef(version);
  const running = useRef<Promise<boolean> | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const save = useCallback(async (): Promise<boolean> => {
    const fields = latest.current;
    if (fields === sent.current) return true;
    setState({ kind: 'saving' });
    const outcome = await call<{ version: number }>('changeAssignment', {
      assignmentId,
      version: based.current,
      fields,
    });
    if (!outcome.ok) {
      setState({ ...outcome, kind: 'refused', field: (outcome.field ?? '').replace(/^fields\./, '') });
      return false;
    }
    based.current = outcome.value.version;
    sent.current = fields;
    if (latest.current !== fields) return save();
    setState({ kind: 'saved' });
    return true;
  }, [assignmentId]);

  const flush = useCallback((): Promise<boolean> => {
    clearTimeout(timer.current);
    running.current ??= save().finally(() => {
      running.current = null;
    });
    return running.current;
  }, [save]);

  const change = useCallback(
    (part: Partial<AssignmentDraft>) => {
      latest.current = { ...latest.current, ...part };
      setDraft(latest.current);
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void flush(), PAUSE);
    },
    [flush],
  );

  useEffect(() => {
    const hidden = () => {
      if (document.visibilityState === 'hidden') void flush();
    };
    document.addEventListener('visibilitychange', hidden);
    return () => {
      document.removeEventListener('visibilitychange', hidden);
      void flush();
    };
  }, [flush]);

  return { draft, state, change, flush };
}

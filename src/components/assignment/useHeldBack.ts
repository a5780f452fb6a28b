'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useState } from 'react';
import { previewEvidence, type StandingChange } from '../../contract/assignments/previewEvidence';
import { reviseEvidence } from '../../contract/assignments/reviseEvidence';
import type { AssignmentDraft } from '../../core/assignments/assignmentSettings';
import type { Requirement } from '../../core/requirements/requirement';
import { call } from '../basics/call';
import type { BuilderProps } from './builderProps';
import type { DraftSaving } from './useDraftSaving';

/** Requirements that are not saved yet, and whose evidence they would change; null while that is being found out. */
export interface Held {
  readonly changes: readonly StandingChange[] | null;
}

interface HeldBack {
  /** The assignment as it stands in the page, held changes included. */
  readonly draft: AssignmentDraft;
  readonly change: (part: Partial<AssignmentDraft>) => void;
  readonly held: Held | null;
  readonly apply: () => void;
  readonly drop: () => void;
  /** Counts how often changes were dropped: what was typed for them is gone then. */
  readonly dropped: number;
}

const PAUSE = 600;

/** Holds changed requirements back once something was handed in, until the teacher says that they are to count. */
export function useHeldBack(saving: DraftSaving, { assignmentId, handedIn }: BuilderProps): HeldBack {
  const router = useRouter();
  const [waiting, setWaiting] = useState<readonly Requirement[] | null>(null);
  const [dropped, setDropped] = useState(0);
  const [changes, setChanges] = useState<readonly StandingChange[] | null>(null);
  const change = useCallback(
    (part: Partial<AssignmentDraft>) => {
      const { requirements, ...others } = part;
      if (handedIn === 0 || !requirements) return saving.change(part);
      setChanges(null);
      setWaiting(requirements);
      if (Object.keys(others).length > 0) saving.change(others);
    },
    [handedIn, saving],
  );
  useEffect(() => {
    if (!waiting) return undefined;
    let overtaken = false;
    const timer = setTimeout(() => {
      void call(previewEvidence, {
        assignmentId,
        requirements: waiting,
      }).then((outcome) => {
        if (outcome.ok && !overtaken) setChanges(outcome.value.changes);
      });
    }, PAUSE);
    return () => {
      overtaken = true;
      clearTimeout(timer);
    };
  }, [assignmentId, waiting]);
  const apply = useCallback(() => {
    if (!waiting) return;
    saving.change({ requirements: waiting });
    void saving.flush().then(async (saved) => {
      if (!saved) return;
      setWaiting(null);
      await call(reviseEvidence, { assignmentId });
      router.refresh();
    });
  }, [assignmentId, router, saving, waiting]);
  return {
    draft: waiting ? { ...saving.draft, requirements: waiting } : saving.draft,
    change,
    held: waiting ? { changes } : null,
    apply,
    drop: () => {
      setWaiting(null);
      setDropped(dropped + 1);
    },
    dropped,
  };
}

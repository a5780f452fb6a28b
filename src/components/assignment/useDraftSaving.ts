'use client';

import { useCallback } from 'react';
import { changeAssignment } from '../../contract/assignments/changeAssignment';
import type { AssignmentDraft } from '../../core/assignments/assignmentSettings';
import { call } from '../basics/call';
import { useAutosave, type Autosave } from '../basics/useAutosave';

/** An assignment that saves itself. */
export type DraftSaving = Autosave<AssignmentDraft>;

/** Saves an assignment by itself; what is refused gets a line at its field. */
export function useDraftSaving(assignmentId: string, first: AssignmentDraft, version: number): DraftSaving {
  const save = useCallback(
    async (fields: AssignmentDraft, based: number) => {
      const outcome = await call(changeAssignment, {
        assignmentId,
        version: based,
        fields,
      });
      return outcome.ok ? outcome : { ...outcome, field: (outcome.field ?? '').replace(/^fields\./, '') };
    },
    [assignmentId],
  );
  return useAutosave(assignmentId, first, version, save);
}

'use client';

import { useTranslations } from 'next-intl';
import { restoreAssignment } from '../../contract/assignments/restoreAssignment';
import { useDeed } from '../basics/useDeed';

interface DeletedAssignmentsProps {
  readonly classId: string;
  readonly deleted: readonly { readonly id: string; readonly title: string; readonly until: string }[];
}

/** Assignments that were deleted and can still be brought back, with all their posts. */
export function DeletedAssignments({ classId, deleted }: DeletedAssignmentsProps) {
  const t = useTranslations('assignments');
  const { act, busy, problem } = useDeed();
  return (
    <details className="mt-4">
      <summary className="font-semibold text-porch">{t('deleted', { count: deleted.length })}</summary>
      <ul className="rows mt-2">
        {deleted.map(({ id, title, until }) => (
          <li key={id} className="grid-cols-[1fr_auto]">
            <span dir="auto">
              <b>{title || t('untitled')}</b>
              <span className="calm block">{t('goneOn', { until })}</span>
            </span>
            <button
              type="button"
              className="btn"
              disabled={busy}
              aria-label={t('bringBackTitle', { title: title || t('untitled') })}
              onClick={() => void act(restoreAssignment, { classId, assignmentId: id })}
            >
              {t('bringBack')}
            </button>
          </li>
        ))}
      </ul>
      <p className="problem" role="alert">
        {problem}
      </p>
    </details>
  );
}

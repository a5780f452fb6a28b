'use client';

import { useTranslations } from 'next-intl';
import { useAskBeforeLeaving } from '../basics/useAskBeforeLeaving';

interface KeepLineProps {
  readonly busy: boolean;
  readonly changed: boolean;
  readonly kept: boolean;
  /** A problem that belongs to no field of the form. */
  readonly problem?: string;
}

/** The button of a part of the settings, and whether what stands above it is kept. */
export function KeepLine({ busy, changed, kept, problem = '' }: KeepLineProps) {
  const t = useTranslations('classSettings');
  useAskBeforeLeaving(changed ? t('notKept') : '');
  return (
    <p className="mt-1 flex items-center gap-4">
      <button className="btn go" disabled={busy || !changed}>
        {t('keep')}
      </button>
      <span role="status" className="text-ink-2">
        {kept && !changed ? t('kept') : ''}
      </span>
      {problem ? (
        <span role="alert" className="problem">
          {problem}
        </span>
      ) : null}
    </p>
  );
}

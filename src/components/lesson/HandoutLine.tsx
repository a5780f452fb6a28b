'use client';

import { useTranslations } from 'next-intl';
import { useRefusal } from '../basics/useRefusal';
import type { useHandouts } from './useHandouts';

/** What is happening to a file that is given out, with a way out. */
export function HandoutLine({ state, dismiss }: Pick<ReturnType<typeof useHandouts>, 'state' | 'dismiss'>) {
  const t = useTranslations('editor.upload');
  const refusal = useRefusal();
  if (state.kind === 'nothing') return null;
  return (
    <p className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1">
      <b className="max-w-52 truncate">{state.name}</b>
      {state.kind === 'running' ? (
        <>
          <progress value={state.share} max={1} aria-label={t('label')} />
          <button type="button" className="act" onClick={state.stop}>
            {t('cancel')}
          </button>
        </>
      ) : (
        <>
          <span className="problem" role="alert">
            {refusal(state.refusal)}
          </span>
          <button type="button" className="act" onClick={dismiss}>
            {t('understood')}
          </button>
        </>
      )}
    </p>
  );
}

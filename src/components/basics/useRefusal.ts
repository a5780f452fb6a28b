'use client';
import { useCallback } from 'react';
import type { Refused } from './call';
import { useMadeWords } from './useMadeWords';

/** Makes the sentence of a refusal: what happened, that nothing is lost, what to do now. */
export function useRefusal(): (refused: Pick<Refused, 'code' | 'values'>) => string {
  const t = useMadeWords('refusals');
  return useCallback(
    ({ code, values }) => (t.has(code) ? t(code, values ?? {}) : t('input.other', values ?? {})),
    [t],
  );
}

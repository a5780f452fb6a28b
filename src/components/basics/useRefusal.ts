'use client';

import { useTranslations } from 'next-intl';
import { useCallback } from 'react';

interface Refused {
  readonly code: string;
  readonly values?: Readonly<Record<string, string | number>>;
}

/** Makes the sentence of a refusal: what happened, that nothing is lost, what to do now. */
export function useRefusal(): (refused: Refused) => string {
  const t = useTranslations('refusals');
  return useCallback(
    ({ code, values }) => (t.has(code) ? t(code, values ?? {}) : t('input.other', values ?? {})),
    [t],
  );
}

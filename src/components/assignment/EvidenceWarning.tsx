'use client';

import { useTranslations } from 'next-intl';
import { useNumberInWords } from '../basics/useNumberInWords';
import type { Held } from './useHeldBack';

interface EvidenceWarningProps {
  readonly held: Held;
  readonly onApply: () => void;
  readonly onDrop: () => void;
}

/** Whose evidence would change by requirements that are not saved yet, before it is done. */
export function EvidenceWarning({ held, onApply, onDrop }: EvidenceWarningProps) {
  const t = useTranslations('builder.held');
  const inWords = useNumberInWords();
  const { changes } = held;
  return (
    <section className="mb-4 grid gap-2 border-l-4 border-amber bg-sheet p-3" aria-label={t('label')}>
      <p role="status" className="font-semibold">
        {changes === null
          ? t('looking')
          : t('changes', { count: changes.length, number: inWords(changes.length) })}
      </p>
      {changes && changes.length > 0 ? (
        <ul className="grid max-h-40 gap-1 overflow-auto text-[14px]" tabIndex={0}>
          {changes.map((one, index) => (
            <li key={index}>{t('one', { ...one })}</li>
          ))}
        </ul>
      ) : null}
      <p className="text-[14px] text-ink-2">{t('givenBackStays')}</p>
      <p className="flex flex-wrap gap-3">
        <button type="button" className="btn go" disabled={changes === null} onClick={onApply}>
          {t('apply')}
        </button>
        <button type="button" className="btn" onClick={onDrop}>
          {t('drop')}
        </button>
      </p>
    </section>
  );
}

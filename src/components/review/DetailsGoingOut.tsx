'use client';

import { useTranslations } from 'next-intl';
import type { DetailShown } from '../../contract/details/detailShown';

interface DetailsGoingOutProps {
  readonly details: readonly DetailShown[];
  readonly busy: boolean;
  readonly onGo: () => void;
  readonly onLeave: () => void;
}

/** Asks once before personal details reach readers outside the class, and says which. */
export function DetailsGoingOut({ details, busy, onGo, onLeave }: DetailsGoingOutProps) {
  const t = useTranslations('details');
  return (
    <div className="px-2.5 py-2" role="group" aria-label={t('going')}>
      <p className="text-[13.5px]">
        <b>{t('going')}</b>{' '}
        {details.map((detail, index) => (
          <span key={index}>
            {index > 0 ? ', ' : ''}
            {t(`kind.${detail.kind}`)} <q dir="auto">{detail.text}</q>
          </span>
        ))}
      </p>
      <span className="mt-2 flex flex-wrap gap-3">
        <button type="button" className="btn" autoFocus data-leave="" onClick={onLeave}>
          {t('goNot')}
        </button>
        <button type="button" className="btn go" disabled={busy} onClick={onGo}>
          {t('go')}
        </button>
      </span>
    </div>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { meanDetail } from '../../contract/details/meanDetail';
import type { DetailShown } from '../../contract/details/detailShown';
import type { ReviewRailingProps } from './reviewProps';

interface DetailsToLookAtProps extends Pick<ReviewRailingProps, 'details' | 'act' | 'busy' | 'problem'> {
  /** Leads to one in the text; absent for those that stand elsewhere. */
  readonly onShow: (detail: DetailShown) => void;
  /** Begins a note on one with other words for it. */
  readonly onNote: (detail: DetailShown) => void;
}

/** What stands in a hand-in that strangers should not know: each with its kind and place, and what can be done about it. */
export function DetailsToLookAt({ details, ...doing }: DetailsToLookAtProps) {
  const t = useTranslations('details');
  return (
    <section className="mt-3 border-t border-line pt-2" aria-label={t('heading')}>
      <b className="block">{t('heading')}</b>
      {details === null ? <p>{t('notNow')}</p> : details.length === 0 ? <p>{t('none')}</p> : null}
      <ul className="details">
        {details?.map((detail, index) => (
          // The same words may stand in two places that look alike.
          <OneDetail key={`${detail.key} ${index}`} detail={detail} {...doing} />
        ))}
      </ul>
    </section>
  );
}

function OneDetail({
  detail,
  act,
  busy,
  problem,
  onShow,
  onNote,
}: Omit<DetailsToLookAtProps, 'details'> & { readonly detail: DetailShown }) {
  const t = useTranslations('details');
  const id = useId();
  const [reason, setReason] = useState<string | null>(null);
  const { key, meant, kind, where, text } = detail;
  const mean = async (why: string | null) => {
    if (await act(meanDetail, { detail: key, reason: why })) setReason(null);
  };
  return (
    <li>
      <p className={meant ? 'text-ink-2' : ''}>
        <b className="inline-block first-letter:uppercase">{t(`kind.${kind}`)}</b> {t(`where.${where}`)}:{' '}
        <q dir="auto">{text}</q>
      </p>
      {meant ? <p className="text-ink-2">{t('meant', { by: meant.by, reason: meant.reason })}</p> : null}
      {reason !== null ? (
        <form
          className="mt-1 flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void mean(reason);
          }}
        >
          <label className="grid grow gap-1" htmlFor={id}>
            <span className="text-[13px]">{t('why')}</span>
            <input
              id={id}
              dir="auto"
              autoFocus
              className="field"
              maxLength={300}
              value={reason}
              onChange={(event) => setReason(event.target.value)}
            />
          </label>
          <button className="btn go" disabled={busy}>
            {t('keep')}
          </button>
          <button type="button" className="btn" data-leave="" onClick={() => setReason(null)}>
            {t('leave')}
          </button>
          <span role="alert" className="problem">
            {problem}
          </span>
        </form>
      ) : (
        <span className="flex flex-wrap gap-x-4">
          {where === 'text' ? (
            <>
              <button type="button" className="act" onClick={() => onShow(detail)}>
                {t('show')} <span className="sr-only">{text}</span>
              </button>
              <button type="button" className="act" onClick={() => onNote(detail)}>
                {t('note')} <span className="sr-only">{text}</span>
              </button>
            </>
          ) : null}
          <button
            type="button"
            className="act"
            disabled={busy}
            onClick={() => (meant ? void mean(null) : setReason(''))}
          >
            {t(meant ? 'notMeant' : 'mean')} <span className="sr-only">{text}</span>
          </button>
        </span>
      )}
    </li>
  );
}

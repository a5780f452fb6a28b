'use client';

import { useTranslations } from 'next-intl';
import { useId } from 'react';
import { goesBeyondClass, type PageAudience } from '../../core/access/audience';
import type { PageDeskProps } from './pageDeskProps';

interface PageReadersProps extends Pick<PageDeskProps, 'page' | 'audiences' | 'opens'> {
  readonly chosen: PageAudience;
  readonly busy: boolean;
  readonly onChoose: (audience: PageAudience) => void;
  readonly onHide: () => void;
}

/** Before whom a page is to be shown, with what each means, and taking it from its readers. */
export function PageReaders({ page, audiences, opens, chosen, busy, onChoose, onHide }: PageReadersProps) {
  const t = useTranslations('pages.readers');
  const words = useTranslations('audience');
  const name = useId();
  return (
    <>
      <p className="mt-1 text-ink-2">
        {page.audience ? t('now', { audience: page.audience, when: page.shownWhen ?? '' }) : t('nobody')}
      </p>
      <fieldset className="mt-3 grid gap-2.5">
        <legend className="font-semibold">{t('choose')}</legend>
        {audiences.map((audience) => (
          <label key={audience} className="flex items-start gap-2.5">
            <input
              type="radio"
              className="mt-1"
              name={name}
              checked={chosen === audience}
              onChange={() => onChoose(audience)}
            />
            <span>
              <b>{words(audience)}</b>
              <span className="block text-[13.5px] text-ink-2">
                {t(`means.${audience}`)} {goesBeyondClass(audience) && !opens ? t('teacherDecides') : ''}
              </span>
            </span>
          </label>
        ))}
      </fieldset>
      {page.audience ? (
        <p className="mt-4 border-t border-line pt-3">
          <button type="button" className="act" disabled={busy} onClick={onHide}>
            {t('hide')}
          </button>{' '}
          <span className="text-[13.5px] text-ink-2">{t('copies')}</span>
        </p>
      ) : null}
    </>
  );
}

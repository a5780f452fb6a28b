'use client';

import { useTranslations } from 'next-intl';
import { teaserFrom } from '../../../core/document/teaser';
import { characterCount } from '../../../core/text/graphemes';
import type { TrayContentProps } from './trayProps';

/** The teaser, and what readers would see without one. */
export function TeaserTray({ editor, beside, setBeside }: TrayContentProps) {
  const t = useTranslations('requirements.teaser.tray');
  return (
    <div className="mt-2 grid gap-3">
      <label className="grid gap-1">
        <span className="font-semibold">{t('label')}</span>
        <textarea
          dir="auto"
          className="field min-h-20 font-read"
          maxLength={600}
          value={beside.teaser}
          onChange={(event) => setBeside({ teaser: event.target.value })}
        />
        <span className="text-[13.5px] text-ink-2">
          {t('count', { count: characterCount(beside.teaser) })}
        </span>
      </label>
      <p className="text-[14px] text-ink-2">
        {t('how')} {beside.teaser.trim() ? '' : `${t('now')} ${teaserFrom(editor.state.doc)}`}
      </p>
    </div>
  );
}

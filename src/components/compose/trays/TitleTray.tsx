'use client';

import { useTranslations } from 'next-intl';
import type { TrayContentProps } from './trayProps';

/** What the title must begin with, and one press to put it there. */
export function TitleTray({ answer, title, setTitle, lower }: TrayContentProps) {
  const t = useTranslations('requirements.title.tray');
  const beginning = String(answer.message.values['beginning'] ?? '');
  const missing = answer.message.values['missing'] !== 'none' && beginning !== '';
  return (
    <div className="mt-2 grid gap-3">
      <p>{missing ? t('begins', { beginning }) : t('fine')}</p>
      <label className="grid gap-1">
        <span className="text-[13.5px] text-ink-2">{t('yours')}</span>
        <input
          dir="auto"
          className="field font-read"
          value={title}
          maxLength={300}
          onChange={(event) => setTitle(event.target.value)}
        />
      </label>
      {missing ? (
        <span>
          <button
            type="button"
            className="btn"
            onClick={() => {
              setTitle(`${beginning} ${title}`.trim());
              lower();
            }}
          >
            {t('put', { beginning })}
          </button>
        </span>
      ) : null}
    </div>
  );
}

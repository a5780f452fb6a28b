'use client';

import { useTranslations } from 'next-intl';
import type { TrayContentProps } from './trayProps';

/** What the writer confirms. */
export function SelfCheckTray({ requirement, beside, setBeside }: TrayContentProps) {
  const t = useTranslations('requirements.selfCheck.tray');
  const { id } = requirement;
  const confirmed = beside.selfChecked.includes(id);
  return (
    <div className="mt-2 grid gap-3">
      <label className="flex items-center gap-3 text-[16px]">
        <input
          type="checkbox"
          className="h-5 w-5 accent-[var(--porch)]"
          checked={confirmed}
          onChange={(event) =>
            setBeside({
              selfChecked: event.target.checked
                ? [...beside.selfChecked, id]
                : beside.selfChecked.filter((one) => one !== id),
            })
          }
        />
        {t('confirm')}
      </label>
      <p className="text-[14px] text-ink-2">{t('how')}</p>
    </div>
  );
}

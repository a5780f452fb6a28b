'use client';

import { useTranslations } from 'next-intl';
import type { TrayContentProps } from './trayProps';

/** What a teacher looks for: nothing to be set here, only said. */
export function JudgedTray({ answer }: TrayContentProps) {
  const t = useTranslations('requirements.judged.tray');
  return <p className="mt-2">{t(answer.state === 'unknown' ? 'waits' : 'said')}</p>;
}

'use client';

import { useTranslations } from 'next-intl';
import { BeginEntry } from '../BeginEntry';
import { PlaceList } from './PlaceList';
import type { TrayContentProps } from './trayProps';

/** The entries that lack something, and one press to begin the next with its number and today's date. */
export function EntriesTray({ editor, assignment, answer, lower }: TrayContentProps) {
  const t = useTranslations('requirements.entries.tray');
  return (
    <div className="mt-2 grid gap-3">
      <PlaceList editor={editor} answer={answer} lower={lower} />
      <p className="text-[14px] text-ink-2">{t('how')}</p>
      <span>
        <BeginEntry editor={editor} doc={editor.state.doc} assignment={assignment} onBegun={lower} />
      </span>
    </div>
  );
}

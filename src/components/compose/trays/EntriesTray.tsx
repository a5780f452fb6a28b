'use client';

import { useTranslations } from 'next-intl';
import { sections } from '../../../core/document/sections';
import { entryNumberReader } from '../../../core/requirements/entryNumber';
import { formattedDate } from '../../../core/requirements/datePattern';
import { localDate } from '../../../core/timing/zonedTime';
import { putHeadingAtEnd } from '../../editor/putIn';
import { PlaceList } from './PlaceList';
import type { TrayContentProps } from './trayProps';

/** The entries that lack something, and one press to begin the next with its number and today's date. */
export function EntriesTray({ editor, assignment, answer, lower }: TrayContentProps) {
  const t = useTranslations('requirements.entries.tray');
  const read = entryNumberReader(assignment.language);
  const numbered = sections(editor.state.doc).flatMap((section) => {
    const found = read(section.text);
    return found ? [{ ...section, number: found.number }] : [];
  });
  const next = Math.max(0, ...numbered.map((one) => one.number)) + 1;
  const begin = () => {
    const today = formattedDate(localDate(Date.now(), assignment.timeZone), assignment.language);
    putHeadingAtEnd(editor, `${next}. ${today}`, numbered[0]?.level);
    lower();
  };
  return (
    <div className="mt-2 grid gap-3">
      <PlaceList editor={editor} answer={answer} lower={lower} />
      <p className="text-[14px] text-ink-2">{t('how')}</p>
      <span>
        <button type="button" className="btn go" onClick={begin}>
          {t('begin', { number: next })}
        </button>
      </span>
    </div>
  );
}

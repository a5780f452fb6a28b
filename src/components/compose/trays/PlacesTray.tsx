'use client';
import { PlaceList } from './PlaceList';
import type { TrayContentProps } from './trayProps';
import { useMadeWords } from '../../basics/useMadeWords';

/** The tray of kinds that say what is asked and where it is missing, and have nothing to be set. */
export function PlacesTray({ editor, answer, lower }: TrayContentProps) {
  const t = useMadeWords('requirements');
  return (
    <div className="mt-2 grid gap-3">
      <PlaceList editor={editor} answer={answer} lower={lower} />
      <p className="text-[14px] text-ink-2">{t(`${answer.kind}.tray.how`)}</p>
    </div>
  );
}

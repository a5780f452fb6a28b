'use client';

import { useTranslations } from 'next-intl';
import type { ComponentProps } from 'react';
import { NoteBank } from '../noteBank/NoteBank';
import { Bay } from '../railing/Bay';
import type { ReviewRailingProps } from './reviewProps';

/** So many notes have a picket of their own. */
const MOST_PICKETS = 8;

type Raising = Pick<ComponentProps<typeof Bay>, 'open' | 'trayId' | 'onPress'>;

/** How many notes there are, and how many of them lost their place; its tray is the note bank. */
export function NotesBay({ notesAtWork, lostNotes, ...raising }: ReviewRailingProps & Raising) {
  const t = useTranslations('review');
  const count = notesAtWork.notes.length;
  const { open, trayId, onPress } = raising;
  return (
    <Bay
      name={t('notes')}
      slats={Array.from({ length: Math.min(count, MOST_PICKETS) }, (_, index) =>
        index < lostNotes ? 'partly' : 'met',
      )}
      open={open}
      trayId={trayId}
      onPress={onPress}
    >
      {t('notesHere', { count, lost: lostNotes })}
    </Bay>
  );
}

/** The note bank for the note that was looked at last, or else for a new one. */
export function BankForNotes({
  classId,
  writer,
  rubric,
  notesAtWork,
  onTaken,
}: ReviewRailingProps & { readonly onTaken: () => void }) {
  const note = notesAtWork.notes.find((one) => one.id === notesAtWork.current && one.mine);
  const criterion = rubric.find((one) => note?.target === 'criterion' && one.id === note.targetId);
  return (
    <NoteBank
      classId={classId}
      called={writer.called}
      groups={rubric.map((one) => one.name)}
      note={note ? { text: note.text, group: criterion?.name ?? '' } : null}
      onTake={(words) => {
        onTaken();
        notesAtWork.putIn(words);
      }}
    />
  );
}

'use client';

import { useTranslations } from 'next-intl';
import { worryAboutNote } from '../../contract/worries/worryAboutNote';
import { call } from '../basics/call';
import { TellWorry } from './TellWorry';

interface WorryAboutNoteProps {
  readonly postId: string;
  readonly noteId: string;
  /** Whether it is the note that worries, or what its writer answered. */
  readonly about: 'note' | 'answer';
}

/** Under a note: that it, or what was answered to it, is worrying. */
export function WorryAboutNote({ postId, noteId, about }: WorryAboutNoteProps) {
  const t = useTranslations('worry');
  return (
    <TellWorry
      label={t(about === 'note' ? 'openNote' : 'openAnswer')}
      tell={(words) => call(worryAboutNote, { postId, noteId, about, words })}
      className="text-[14px]"
    />
  );
}

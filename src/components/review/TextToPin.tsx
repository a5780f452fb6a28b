'use client';

import { useTranslations } from 'next-intl';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import type { Passage } from '../../core/notes/passage';
import { MarkedText } from '../notes/MarkedText';
import { PinHere } from '../notes/PinHere';
import type { Reading } from './useReading';

interface TextToPinProps {
  readonly html: string;
  readonly language: string;
  readonly reading: Reading;
  /** Whether the next passage is for a note that lost its own. */
  readonly pinningAgain: boolean;
  readonly onPin: (passage: Passage) => void;
  readonly onPicture: (pictureId: string) => void;
}

/** The text of a hand-in, whose passages and pictures notes are pinned to. */
export function TextToPin({ html, language, reading, pinningAgain, onPin, onPicture }: TextToPinProps) {
  const t = useTranslations('notes');
  const label = t('onPicture');
  // The buttons at pictures are made once, and press what is to be pressed by then.
  const latest = useRef(onPicture);
  useEffect(() => {
    latest.current = onPicture;
  });
  const press = useCallback((pictureId: string) => latest.current(pictureId), []);
  const atPicture = useMemo(() => ({ label, press }), [label, press]);
  return (
    <PinHere
      page={reading.page}
      language={language}
      name={t('text')}
      pins={t(pinningAgain ? 'pinItHere' : 'pinHere')}
      onPin={onPin}
    >
      {pinningAgain ? (
        <p className="pinning-again" role="status">
          {t('pinningAgain')}
        </p>
      ) : null}
      <MarkedText
        html={html}
        marksFor={reading.marksFor}
        pictureNotes={reading.pictureNotes}
        atPicture={atPicture}
        onRead={reading.onRead}
      />
    </PinHere>
  );
}

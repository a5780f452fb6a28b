'use client';

import type { Editor } from '@tiptap/react';
import { Volume2, VolumeX } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { Toolbar } from 'radix-ui';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { plainText } from '../../../core/document/plainText';

/** Has the browser's own voice read the post, from the cursor on where something is selected. */
export function ReadAloud({ editor, language }: { readonly editor: Editor; readonly language: string }) {
  const t = useTranslations('editor.voice');
  const [reading, setReading] = useState(false);
  const can = useSyncExternalStore(
    () => () => undefined,
    () => 'speechSynthesis' in window,
    () => false,
  );
  useEffect(() => () => (can ? window.speechSynthesis.cancel() : undefined), [can]);
  if (!can) return null;
  const read = () => {
    const { from, to, empty } = editor.state.selection;
    const text = empty ? plainText(editor.state.doc) : editor.state.doc.textBetween(from, to, '\n');
    const speech = new SpeechSynthesisUtterance(text);
    speech.lang = language;
    speech.onend = () => setReading(false);
    speech.onerror = () => setReading(false);
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(speech);
    setReading(true);
  };
  return (
    <Toolbar.Button
      aria-pressed={reading}
      onClick={() => {
        if (!reading) return read();
        window.speechSynthesis.cancel();
        return setReading(false);
      }}
    >
      {reading ? <VolumeX aria-hidden="true" /> : <Volume2 aria-hidden="true" />}{' '}
      {t(reading ? 'stop' : 'read')}
    </Toolbar.Button>
  );
}

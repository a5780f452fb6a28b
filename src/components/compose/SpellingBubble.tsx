'use client';

import { type Editor, useEditorState } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useEffect, useRef, useState } from 'react';
import type { DocumentJson } from '../../core/document/openDocument';
import type { Answering, Misspelt } from './useAnswer';
import { markUnknown, unknownAtCursor } from '../editor/spelling/spellingMarks';
import { TextBubble } from '../editor/TextBubble';

interface SpellingBubbleProps {
  readonly editor: Editor;
  readonly misspelt: Misspelt | null;
  /** The text as it stands now. */
  readonly body: DocumentJson;
  readonly suggest: Answering['suggest'];
}

/** What might have been meant by the marked word that the cursor is in. Alt and the arrow down lead into it. */
export function SpellingBubble({ editor, misspelt, body, suggest }: SpellingBubbleProps) {
  const t = useTranslations('editor.spelling');
  const box = useRef<HTMLDivElement>(null);
  const [words, setWords] = useState<readonly string[] | null>(null);
  const [left, setLeft] = useState('');
  useEffect(() => {
    // What was found in a text that has changed since belongs nowhere any more; the next answer is on its way.
    if (misspelt?.body === body) markUnknown(editor, misspelt.places);
  }, [editor, misspelt, body]);
  const at = useEditorState({
    editor,
    selector: ({ editor: current }) => {
      const unknown = unknownAtCursor(current);
      return unknown ? `${unknown.from} ${unknown.to} ${unknown.word}` : '';
    },
  });
  const [from = '', to = '', word = ''] = at.split(' ');
  useEffect(() => {
    setWords(null);
    if (word) void suggest(word).then(setWords);
  }, [word, suggest]);
  useEffect(() => {
    if (!at) return undefined;
    const into = (event: KeyboardEvent) => {
      if (event.altKey && event.key === 'ArrowDown' && box.current) {
        event.preventDefault();
        box.current.querySelector('button')?.focus();
      }
    };
    document.addEventListener('keydown', into);
    return () => document.removeEventListener('keydown', into);
  }, [at]);
  if (!at || left === at) return null;
  const put = (chosen: string) =>
    editor
      .chain()
      .focus()
      .insertContentAt({ from: Number(from), to: Number(to) }, chosen)
      .run();
  return (
    <TextBubble
      editor={editor}
      at={Number(from)}
      label={t('label', { word })}
      onLeave={() => setLeft(at)}
      box={box}
    >
      {words === null ? <span>{t('looking')}</span> : null}
      {words?.map((suggestion) => (
        <button key={suggestion} type="button" className="btn !py-1" onClick={() => put(suggestion)}>
          {suggestion}
        </button>
      ))}
      {words?.length === 0 ? <span>{t('none')}</span> : null}
      <button type="button" className="act" onClick={() => setLeft(at)}>
        {t('leave')}
      </button>
    </TextBubble>
  );
}

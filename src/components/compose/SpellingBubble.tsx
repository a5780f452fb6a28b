'use client';

import { type Editor, useEditorState } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useEffect, useReducer, useRef, useState } from 'react';
import type { DocumentJson } from '../../core/document/openDocument';
import type { Answering, Misspelt } from './useAnswer';
import { markUnknown, unknownAtCursor } from '../editor/spelling/spellingMarks';

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
  // The text scrolls away under it: it is drawn anew at the word's place.
  const [, follow] = useReducer((times: number) => times + 1, 0);
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
    window.addEventListener('scroll', follow, true);
    return () => {
      document.removeEventListener('keydown', into);
      window.removeEventListener('scroll', follow, true);
    };
  }, [at]);
  if (!at || left === at) return null;
  const { bottom, left: x } = editor.view.coordsAtPos(Number(from));
  const put = (chosen: string) =>
    editor
      .chain()
      .focus()
      .insertContentAt({ from: Number(from), to: Number(to) }, chosen)
      .run();
  return (
    <div
      ref={box}
      role="group"
      aria-label={t('label', { word })}
      className="spelling-bubble"
      style={{ top: bottom + 6, left: x }}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        setLeft(at);
        editor.commands.focus();
      }}
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
    </div>
  );
}

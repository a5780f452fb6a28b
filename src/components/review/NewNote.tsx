'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';

interface NewNoteProps {
  readonly writer: string;
  readonly onWrite: (text: string) => Promise<boolean>;
}

/** A new note on the whole post. What was typed stays until the server has it. */
export function NewNote({ writer, onWrite }: NewNoteProps) {
  const t = useTranslations('notes');
  const id = useId();
  const [text, setText] = useState('');
  const [writing, setWriting] = useState(false);
  return (
    <form
      className="note new grid gap-2"
      onSubmit={async (event) => {
        event.preventDefault();
        if (!text.trim()) return;
        setWriting(true);
        if (await onWrite(text)) setText('');
        setWriting(false);
      }}
    >
      <label htmlFor={id}>
        <b>{t('new')}</b>
        <span className="text-[13px] text-ink-2">{t('whoSees', { writer })}</span>
      </label>
      <textarea
        id={id}
        className="field min-h-20 [field-sizing:content]"
        maxLength={4000}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <span>
        <button className="btn" disabled={writing || !text.trim()}>
          {t('write')}
        </button>
      </span>
    </form>
  );
}

'use client';

import { type Editor, useEditorState } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useEffect, useState } from 'react';
import { TextBubble } from '../TextBubble';

/** The address of the link that the cursor was put into by a press, with the ways to open it and to take it off. */
export function LinkBubble({ editor }: { readonly editor: Editor }) {
  const t = useTranslations('editor.link');
  const [pressed, setPressed] = useState(false);
  const href = useEditorState({
    editor,
    selector: ({ editor: current }) =>
      current.isActive('link') ? String(current.getAttributes('link')['href'] ?? '') : '',
  });
  useEffect(() => {
    const onPress = (event: MouseEvent) =>
      setPressed(event.target instanceof Element && event.target.closest('a[href]') !== null);
    const { dom } = editor.view;
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape' || event.key.length === 1) setPressed(false);
    };
    dom.addEventListener('click', onPress);
    dom.addEventListener('keydown', onKey);
    return () => {
      dom.removeEventListener('click', onPress);
      dom.removeEventListener('keydown', onKey);
    };
  }, [editor]);
  if (!pressed || !href) return null;
  return (
    <TextBubble
      editor={editor}
      at={editor.state.selection.from}
      label={t('bubble')}
      onLeave={() => setPressed(false)}
    >
      <span className="max-w-[260px] truncate" dir="ltr">
        {href}
      </span>
      <a className="btn !py-1" href={href} target="_blank" rel="noopener noreferrer">
        {t('open')}
      </a>
      <button
        type="button"
        className="act"
        onClick={() => editor.chain().focus().extendMarkRange('link').unsetMark('link').run()}
      >
        {t('takeOff')}
      </button>
    </TextBubble>
  );
}

'use client';

import type { Editor } from '@tiptap/react';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { WritingDesk } from './useWritingDesk';

/** What stands over the text, as it is undone. */
interface Head {
  readonly title: string;
  readonly subtitle: string;
}

/** Undoing and doing again over title, subtitle and text: whichever was changed last goes first. */
export interface History {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly undo: () => void;
  readonly redo: () => void;
}

/** What is typed within so many milliseconds is undone at once. */
const AT_ONCE = 900;

/** Takes title and subtitle into what Undo reaches, beside the editor's own history of the text. */
export function useHeadHistory({
  editor,
  writing,
  change,
}: Pick<WritingDesk, 'editor' | 'writing' | 'change'>): History {
  const { title, beside } = writing;
  const { subtitle } = beside;
  const past = useRef<Head[]>([]);
  const future = useRef<Head[]>([]);
  const seen = useRef<Head & { readonly at: number }>({ title, subtitle, at: 0 });
  /** Set while an older head is put back, which is no change to be undone. */
  const putting = useRef(false);
  const last = useRef<'head' | 'text'>('text');
  const [, count] = useState(0);

  useEffect(() => {
    const before = seen.current;
    if (before.title === title && before.subtitle === subtitle) return;
    const at = Date.now();
    if (!putting.current) {
      if (at - before.at > AT_ONCE) past.current.push({ title: before.title, subtitle: before.subtitle });
      future.current = [];
      last.current = 'head';
    }
    putting.current = false;
    seen.current = { title, subtitle, at };
    count((times) => times + 1);
  }, [title, subtitle]);

  useEffect(() => {
    if (!editor) return undefined;
    const onText = ({ transaction }: { readonly transaction: { readonly docChanged: boolean } }) => {
      if (transaction.docChanged) last.current = 'text';
    };
    editor.on('transaction', onText);
    return () => void editor.off('transaction', onText);
  }, [editor]);

  const turn = useCallback(
    (from: Head[], to: Head[], ofText: (at: Editor) => void, can: boolean) => {
      const head = from.at(-1);
      if (head && (last.current === 'head' || !can)) {
        from.pop();
        to.push({ title: seen.current.title, subtitle: seen.current.subtitle });
        putting.current = true;
        change({ title: head.title, beside: { ...beside, subtitle: head.subtitle } });
      } else if (editor) ofText(editor);
    },
    [beside, change, editor],
  );
  const text = { undo: editor?.can().undo() ?? false, redo: editor?.can().redo() ?? false };
  return {
    canUndo: text.undo || past.current.length > 0,
    canRedo: text.redo || future.current.length > 0,
    undo: () => turn(past.current, future.current, (at) => void at.chain().focus().undo().run(), text.undo),
    redo: () => turn(future.current, past.current, (at) => void at.chain().focus().redo().run(), text.redo),
  };
}

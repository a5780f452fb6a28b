'use client';

import type { Editor } from '@tiptap/react';
import { useEffect, useRef, useState } from 'react';
import { takeUpCame } from '../editor/schema/cameAtOnce';
import { editorContent } from '../editor/useWritingEditor';
import type { ComposeProps, Writing } from './composeProps';
import { findUnsaved } from '../basics/unsavedCopy';
import type { Saving } from './useSaving';

/**
 * Words that an earlier visit left on this device come back into the page, and are saved from the version they were written on.
 * True once they are there, or none are.
 */
export function useUnsavedWords(
  editor: Editor | null,
  { post, writer }: ComposeProps,
  saving: Saving,
  onRestored: (writing: Writing) => void,
): boolean {
  const looked = useRef(false);
  const [there, setThere] = useState(false);
  useEffect(() => {
    if (!editor || looked.current) return;
    looked.current = true;
    void findUnsaved({ personId: writer.id, postId: post.id, sealKey: writer.sealKey }).then((kept) => {
      if (editor.isDestroyed) return;
      setThere(true);
      if (!kept) return;
      editor.commands.setContent(editorContent(kept.writing.body), { emitUpdate: false });
      takeUpCame(editor.view, kept.writing.came ?? []);
      onRestored(kept.writing);
      saving.settle(kept.version);
      saving.change(kept.writing);
    });
  }, [editor, onRestored, post.id, saving, writer.id, writer.sealKey]);
  return there;
}

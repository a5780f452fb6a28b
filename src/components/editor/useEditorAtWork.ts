'use client';

import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useEffect, type RefObject } from 'react';
import type { Node } from 'prosemirror-model';
import { documentJson } from '../../core/document/documentJson';
import type { DocumentJson } from '../../core/document/openDocument';
import { useNonce } from '../basics/NonceContext';
import { useLoadedAhead } from '../basics/onDemand';
import type { BringIn } from './bringIn/useBringIn';
import type { PictureUpload } from './usePictureUpload';
import { useAfterPaint } from './useAfterPaint';
import { useWritingEditor } from './useWritingEditor';

interface AtWork {
  /** What the text is called to who cannot see it; a post's own where it is absent. */
  readonly label?: string;
  readonly pictures: PictureUpload;
  readonly bringIn: BringIn;
  readonly onChange: (body: DocumentJson) => void;
  readonly onUnfitting: () => void;
}

/** The editor at work, and handing over at once what was typed last. */
interface EditorAtWork {
  readonly editor: Editor | null;
  readonly handOver: () => void;
}

/** The editor with all that it says, and where it hands over what is pasted, dropped or typed. */
export function useEditorAtWork(
  body: DocumentJson,
  editorRef: RefObject<Editor | null>,
  { label, pictures, bringIn, onChange, onUnfitting }: AtWork,
): EditorAtWork {
  const t = useTranslations('editor');
  const nonce = useNonce();
  useLoadedAhead();
  const changed = useAfterPaint((doc: Node) => onChange(documentJson(doc)));
  const editor = useWritingEditor({
    body,
    nonce,
    label: label ?? t('textLabel'),
    long: t('longParagraph'),
    grip: t('grip'),
    moved: (place, of) => t('moved', { place, of }),
    shut: { private: t('opens.private'), missing: t('opens.missing') },
    hints: {
      body: t('hints.body'),
      caption: t('hints.caption'),
      credit: t('hints.credit'),
      quoteSource: t('hints.quoteSource'),
    },
    onChange: (current) => changed.later(current.state.doc),
    onUnfitting,
    onFiles: (files) => {
      if (editorRef.current && files.length) void pictures.add(editorRef.current, files);
    },
    onForeign: bringIn.paste,
    onDocument: bringIn.open,
  });
  useEffect(() => {
    editorRef.current = editor;
  }, [editor, editorRef]);
  return { editor, handOver: changed.now };
}

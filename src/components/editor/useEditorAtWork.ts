'use client';

import type { EditorState } from '@tiptap/pm/state';
import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useEffect, type RefObject } from 'react';
import { documentJson } from '../../core/document/documentJson';
import type { DocumentJson } from '../../core/document/openDocument';
import { useNonce } from '../basics/NonceContext';
import { useLoadedAhead } from '../basics/onDemand';
import type { BringIn } from './bringIn/useBringIn';
import type { CameInText } from '../basics/unsavedCopy';
import { cameIn } from './schema/cameAtOnce';
import type { PictureUpload } from './usePictureUpload';
import { useAfterPaint } from './useAfterPaint';
import { useWritingEditor } from './useWritingEditor';

interface AtWork {
  /** What the text is called to who cannot see it; a post's own where it is absent. */
  readonly label?: string;
  readonly pictures: PictureUpload;
  readonly bringIn: BringIn;
  /** What the text is now, and which passages of it came at once and were not told yet. */
  readonly onChange: (body: DocumentJson, came: readonly CameInText[]) => void;
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
  const changed = useAfterPaint((state: EditorState) => onChange(documentJson(state.doc), cameIn(state)));
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
    onChange: (current) => changed.later(current.state),
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

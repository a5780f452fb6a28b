'use client';

import { Dropcursor, Gapcursor, UndoRedo } from '@tiptap/extensions';
import { useEditor, type Editor, type JSONContent } from '@tiptap/react';
import { documentSpec } from '../../core/document/schema';
import type { DocumentJson } from '../../core/document/openDocument';
import { pictureNode } from './picture/pictureNode';
import { emptyHints, type Hints } from './schema/emptyHints';
import { marks } from './schema/marks';
import { nodes } from './schema/nodes';
import { writingKeys } from './schema/writingKeys';

interface WritingEditorOptions {
  readonly body: DocumentJson;
  readonly hints: Hints;
  readonly label: string;
  readonly nonce: string;
  readonly onChange: (editor: Editor) => void;
  /** The document does not fit the schema: the editor would go on with an emptied one, so nothing may be saved. */
  readonly onUnfitting: () => void;
  readonly onFiles: (files: readonly File[]) => void;
}

/** The editor on the one schema of posts. Null until the browser has it. */
export function useWritingEditor(options: WritingEditorOptions): Editor | null {
  return useEditor({
    schemaSpec: documentSpec,
    extensions: [
      ...nodes,
      pictureNode,
      ...marks,
      writingKeys,
      UndoRedo.configure({ depth: 1000 }),
      Dropcursor.configure({ color: 'var(--dusk)', width: 3 }),
      Gapcursor,
      emptyHints.configure({ hints: options.hints }),
    ],
    content: editorContent(options.body),
    immediatelyRender: false,
    injectNonce: options.nonce,
    enableContentCheck: true,
    onContentError: options.onUnfitting,
    onUpdate: ({ editor }) => options.onChange(editor),
    editorProps: {
      attributes: {
        class: 'prose',
        role: 'textbox',
        'aria-multiline': 'true',
        'aria-label': options.label,
        spellcheck: 'true',
      },
      handlePaste: (_, event) => takesFiles(event.clipboardData, options.onFiles),
      handleDrop: (_, event, __, moved) => !moved && takesFiles(event.dataTransfer, options.onFiles),
    },
  });
}

/** The document in the editor's own type: the same JSON, which the editor reads and does not change. */
export function editorContent(body: DocumentJson): JSONContent {
  return body as JSONContent;
}

function takesFiles(data: DataTransfer | null, onFiles: (files: readonly File[]) => void): boolean {
  const files = [...(data?.files ?? [])].filter((file) => file.type.startsWith('image/'));
  if (files.length === 0) return false;
  onFiles(files);
  return true;
}

'use client';

import { Dropcursor, Gapcursor, UndoRedo } from '@tiptap/extensions';
import { useEditor, type Editor, type JSONContent } from '@tiptap/react';
import { documentSpec } from '../../core/document/schema';
import type { DocumentJson } from '../../core/document/openDocument';
import { pictureNode } from './picture/pictureNode';
import { shutLinks } from './addresses/shutLinks';
import { blockMoves } from './schema/blockMoves';
import { cameAtOnce } from './schema/cameAtOnce';
import { focusAtOnce } from './schema/focusAtOnce';
import { longParagraphs } from './schema/longParagraphs';
import { spellingMarks } from './spelling/spellingMarks';
import { emptyHints, type Hints } from './schema/emptyHints';
import { marks } from './schema/marks';
import { nodes } from './schema/nodes';
import { writingKeys } from './schema/writingKeys';

interface WritingEditorOptions {
  readonly body: DocumentJson;
  readonly hints: Hints;
  readonly label: string;
  /** What is said of a paragraph that is too long, and of the grip of a block. */
  readonly long: string;
  readonly grip: string;
  /** Where a block is now that was moved by keys, in words. */
  readonly moved: (place: number, of: number) => string;
  readonly shut: { readonly private: string; readonly missing: string };
  readonly nonce: string;
  readonly onChange: (editor: Editor) => void;
  /** The document does not fit the schema: the editor would go on with an emptied one, so nothing may be saved. */
  readonly onUnfitting: () => void;
  readonly onFiles: (files: readonly File[]) => void;
  /** HTML that came from elsewhere by the clipboard. */
  readonly onForeign: (html: string) => void;
  /** A word processor's file or a text that was dropped into the post. */
  readonly onDocument: (file: File) => void;
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
      focusAtOnce,
      cameAtOnce,
      UndoRedo.configure({ depth: Number.MAX_SAFE_INTEGER }),
      Dropcursor.configure({ color: 'var(--dusk)', width: 3 }),
      Gapcursor,
      emptyHints.configure({ hints: options.hints }),
      shutLinks.configure({ words: options.shut }),
      spellingMarks,
      blockMoves.configure({ grip: options.grip, moved: options.moved }),
      longParagraphs.configure({ words: options.long }),
    ],
    content: editorContent(options.body),
    immediatelyRender: false,
    injectNonce: options.nonce,
    enableContentCheck: true,
    onContentError: options.onUnfitting,
    onUpdate: ({ editor }) => options.onChange(editor),
    editorProps: {
      scrollThreshold: IN_SIGHT,
      scrollMargin: IN_SIGHT,
      attributes: {
        class: 'prose',
        role: 'textbox',
        'aria-multiline': 'true',
        'aria-label': options.label,
        // Our own marks go by the dictionary and the words of the class.
        spellcheck: 'false',
      },
      handlePaste: (view, event) =>
        (!view.state.selection.$from.parent.type.spec.code &&
          takesForeign(event.clipboardData, options.onForeign)) ||
        takesFiles(event.clipboardData, options.onFiles),
      handleDrop: (_, event, __, moved) =>
        !moved &&
        (takesFiles(event.dataTransfer, options.onFiles) ||
          takesDocument(event.dataTransfer, options.onDocument)),
    },
  });
}

/** How near the edges the cursor may come, in pixels: what is told above the text stays there. */
const IN_SIGHT = { top: 76, bottom: 40, left: 0, right: 0 };

/** The document in the editor's own type: the same JSON, which the editor reads and does not change. */
export function editorContent(body: DocumentJson): JSONContent {
  return body as JSONContent;
}

/** Files that can be opened into a post, by their names. */
export const DOCUMENT_FILES = '.docx,.odt,.txt,.md,.html,.htm';

function takesDocument(data: DataTransfer | null, onDocument: (file: File) => void): boolean {
  const file = [...(data?.files ?? [])].find(({ name }) =>
    DOCUMENT_FILES.split(',').some((ending) => name.toLowerCase().endsWith(ending)),
  );
  if (file) onDocument(file);
  return file !== undefined;
}

/** HTML from anywhere but an editor of ours, whose own is exact already. */
function takesForeign(data: DataTransfer | null, onForeign: (html: string) => void): boolean {
  const html = data?.getData('text/html') ?? '';
  if (html === '' || html.includes('data-pm-slice')) return false;
  onForeign(html);
  return true;
}

function takesFiles(data: DataTransfer | null, onFiles: (files: readonly File[]) => void): boolean {
  const files = [...(data?.files ?? [])].filter((file) => file.type.startsWith('image/'));
  if (files.length === 0) return false;
  onFiles(files);
  return true;
}

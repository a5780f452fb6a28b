'use client';

import type { Editor } from '@tiptap/react';
import { useCallback, useState } from 'react';
import { afterBlock, putAfterBlock } from './putIn';
import { send } from '../basics/call';

interface Added {
  readonly pictureId: string;
  readonly perceptualHash: string;
}

export type Upload =
  | { readonly kind: 'idle' }
  | { readonly kind: 'running'; readonly name: string; readonly left: number }
  | {
      readonly kind: 'refused';
      readonly name: string;
      readonly code: string;
      readonly values?: Readonly<Record<string, string | number>>;
    };

interface PictureUpload {
  readonly upload: Upload;
  readonly hashes: Readonly<Record<string, string>>;
  add(editor: Editor, files: readonly File[]): Promise<void>;
  /** Uploads a picture that does not stand in the text; its id, or null where it was refused. */
  readonly addBeside: (file: File) => Promise<string | null>;
  readonly dismiss: () => void;
}

/** Uploads pictures one after the other and puts each where the cursor is. */
export function usePictureUpload(classId: string, known: Readonly<Record<string, string>>): PictureUpload {
  const [upload, setUpload] = useState<Upload>({ kind: 'idle' });
  const [hashes, setHashes] = useState(known);
  const sendOne = useCallback(
    async (file: File, left: number) => {
      setUpload({ kind: 'running', name: file.name, left });
      const outcome = await send<Added>(`/api/pictures?class=${encodeURIComponent(classId)}`, 'POST', file);
      if (!outcome.ok) {
        setUpload({ ...outcome, kind: 'refused', name: file.name });
        return null;
      }
      const { pictureId, perceptualHash } = outcome.value;
      setHashes((earlier) => ({ ...earlier, [pictureId]: perceptualHash }));
      return pictureId;
    },
    [classId],
  );
  const add = useCallback(
    async (editor: Editor, files: readonly File[]) => {
      for (const [index, file] of files.entries()) {
        const pictureId = await sendOne(file, files.length - index);
        if (pictureId === null) return;
        insertPicture(editor, pictureId);
      }
      setUpload({ kind: 'idle' });
    },
    [sendOne],
  );
  const addBeside = useCallback(
    async (file: File) => {
      const pictureId = await sendOne(file, 1);
      if (pictureId !== null) setUpload({ kind: 'idle' });
      return pictureId;
    },
    [sendOne],
  );
  const dismiss = useCallback(() => setUpload({ kind: 'idle' }), []);
  return { upload, hashes, add, addBeside, dismiss };
}

/** After the block that the cursor is in; never inside another picture's caption. */
function insertPicture(editor: Editor, src: string): void {
  const after = afterBlock(editor);
  const picture = { type: 'picture', attrs: { src }, content: [{ type: 'caption' }, { type: 'credit' }] };
  const last = after >= editor.state.doc.content.size;
  putAfterBlock(editor, last ? [picture, { type: 'paragraph' }] : [picture], 2);
}

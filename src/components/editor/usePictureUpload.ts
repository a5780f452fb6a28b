'use client';

import type { Editor } from '@tiptap/react';
import { useCallback, useRef, useState } from 'react';
import { addPicture } from '../../contract/fileDoors/addPicture';
import { areAlike } from '../../core/requirements/pictureHash';
import { newKey } from '../basics/newKey';
import { sendFile } from '../basics/sendFile';
import { firstPlace, putPicture } from './picture/putPicture';
import { smallerPicture } from './smallerPicture';

/** A picture on its way to the server, or what came of it. */
export interface Upload {
  readonly id: string;
  readonly name: string;
  readonly state:
    | { readonly kind: 'waiting' }
    /** How much has gone, from 0 to 1; at 1 the server works on it. */
    | { readonly kind: 'running'; readonly share: number }
    /** It is there, and looks like one that was there before. */
    | { readonly kind: 'alike'; readonly pictureId: string; readonly other: string }
    | {
        readonly kind: 'refused';
        readonly code: string;
        readonly values?: Readonly<Record<string, string | number>>;
      };
}

export interface PictureUpload {
  readonly uploads: readonly Upload[];
  readonly hashes: Readonly<Record<string, string>>;
  /** Takes note of a picture that is on the server already. */
  readonly know: (pictureId: string, perceptualHash: string) => void;
  /** Uploads pictures one after the other and puts each where the cursor is. */
  readonly add: (editor: Editor, files: readonly File[]) => Promise<void>;
  /** Uploads a picture that does not stand in the text; its id, or null where it was refused. */
  readonly addBeside: (file: File) => Promise<string | null>;
  readonly cancel: (id: string) => void;
  readonly tryAgain: (id: string) => void;
  readonly dismiss: (id: string) => void;
  /** Lets go of everything that was refused. */
  readonly dismissRefused: () => void;
}

interface Task {
  readonly file: File;
  readonly stop: AbortController;
  readonly onAdded: (pictureId: string) => void;
}

/** Uploads of pictures, with progress, and a way to break one off or try it again. */
export function usePictureUpload(
  classId: string,
  known: Readonly<Record<string, string>>,
  firstWidth: number,
): PictureUpload {
  const [uploads, setUploads] = useState<readonly Upload[]>([]);
  const [hashes, setHashes] = useState(known);
  const latestHashes = useRef(known);
  const tasks = useRef(new Map<string, Task>());
  const show = useCallback((id: string, state: Upload['state']) => {
    setUploads((all) => all.map((one) => (one.id === id ? { ...one, state } : one)));
  }, []);
  const dismiss = useCallback((id: string) => {
    tasks.current.delete(id);
    setUploads((all) => all.filter((one) => one.id !== id));
  }, []);
  const know = useCallback((pictureId: string, perceptualHash: string) => {
    latestHashes.current = { ...latestHashes.current, [pictureId]: perceptualHash };
    setHashes(latestHashes.current);
  }, []);
  const run = useCallback(
    async (id: string): Promise<string | null> => {
      const task = tasks.current.get(id);
      if (!task || task.stop.signal.aborted) return null;
      show(id, { kind: 'running', share: 0 });
      const outcome = await sendFile(addPicture, { classId }, await smallerPicture(task.file), {
        signal: task.stop.signal,
        onProgress: (share) => show(id, { kind: 'running', share }),
      });
      if (!outcome.ok) {
        if (outcome.code === 'cancelled') dismiss(id);
        else show(id, { ...outcome, kind: 'refused' });
        return null;
      }
      const { pictureId, perceptualHash } = outcome.value;
      const all = { ...latestHashes.current, [pictureId]: perceptualHash };
      const twin = Object.keys(latestHashes.current).find((other) => areAlike(other, pictureId, all));
      know(pictureId, perceptualHash);
      if (twin !== undefined) show(id, { kind: 'alike', pictureId, other: twin });
      else dismiss(id);
      task.onAdded(pictureId);
      return pictureId;
    },
    [classId, dismiss, know, show],
  );
  const begin = useCallback((file: File, onAdded: Task['onAdded'] = () => undefined) => {
    const id = newKey();
    tasks.current.set(id, { file, onAdded, stop: new AbortController() });
    setUploads((all) => [...all, { id, name: file.name, state: { kind: 'waiting' } }]);
    return id;
  }, []);
  const add = useCallback(
    async (editor: Editor, files: readonly File[]) => {
      const ids = files.map((file) =>
        begin(file, (src) => putPicture(editor, { src, ...firstPlace(firstWidth) })),
      );
      for (const id of ids) await run(id);
    },
    [begin, firstWidth, run],
  );
  const addBeside = useCallback((file: File) => run(begin(file)), [begin, run]);
  const cancel = useCallback(
    (id: string) => {
      tasks.current.get(id)?.stop.abort();
      dismiss(id);
    },
    [dismiss],
  );
  const tryAgain = useCallback((id: string) => void run(id), [run]);
  const dismissRefused = useCallback(() => {
    setUploads((all) => all.filter((one) => one.state.kind !== 'refused'));
  }, []);
  return { uploads, hashes, know, add, addBeside, cancel, tryAgain, dismiss, dismissRefused };
}

'use client';

import type { Editor } from '@tiptap/react';
import { useCallback, useState, type RefObject } from 'react';
import { readFile } from '../../../contract/fileDoors/readFile';
import type { cleanPaste, PastedPicture, PasteNote } from '../../../core/formats/cleanPaste';
import { linesOf } from '../../../core/text/lines';
import { loadLater } from '../../basics/onDemand';
import type { DocumentJson } from '../../../core/document/openDocument';
import type { Outcome } from '../../basics/call';
import { sendFile } from '../../basics/sendFile';
import { copyFromAddress } from '../picture/copyFromAddress';
import { putOpened, putPasted, settlePicture } from './putDocument';

/** What came of the latest paste or file: what was changed, or why it was refused. */
type BroughtIn =
  | { readonly kind: 'nothing' }
  | { readonly kind: 'reading'; readonly name: string }
  | {
      readonly kind: 'done';
      readonly notes: readonly PasteNote[];
      /** The document right after, as long as taking it back takes back nothing else. */
      readonly after: object | null;
    }
  | {
      readonly kind: 'refused';
      readonly name: string;
      readonly refusal: Outcome<never> & { readonly ok: false };
    };

interface BringInOptions {
  readonly editor: RefObject<Editor | null>;
  readonly writingId: string;
  readonly classId: string;
  readonly addPicture: (file: File) => Promise<string | null>;
  /** Takes the title and the labels that a file says of itself. */
  readonly onNamed?: (named: { readonly title: string; readonly labels: readonly string[] }) => void;
}

export interface BringIn {
  readonly state: BroughtIn;
  /** Takes HTML that came from elsewhere by the clipboard. */
  readonly paste: (html: string) => void;
  /** Opens a word processor's file, a text or Markdown. */
  readonly open: (file: File) => void;
  readonly takeBack: () => void;
  readonly dismiss: () => void;
}

/** What makes a document of pasted HTML is half as large as the editor; it comes when the page has nothing else to do. */
let cleaner: typeof cleanPaste | null = null;
async function loadCleaner(): Promise<typeof cleanPaste> {
  cleaner = (await import('../../../core/formats/cleanPaste')).cleanPaste;
  return cleaner;
}
loadLater(loadCleaner);

/** Puts in what HTML becomes; null where it cannot be read or put there, whatever is wrong with it. */
function putCleaned(
  editor: Editor,
  clean: typeof cleanPaste,
  html: string,
): ReturnType<typeof cleanPaste> | null {
  try {
    const cleaned = clean(html);
    putPasted(editor, cleaned.document.toJSON() as DocumentJson);
    return cleaned;
  } catch (error) {
    // Nested too deep, or nothing that our schema can hold.
    if (error instanceof RangeError) return null;
    throw error;
  }
}

/** The words of HTML, a paragraph for each line. Nothing in it is run or fetched. */
function wordsOf(
  html: string,
): readonly { readonly type: 'paragraph'; readonly content: readonly object[] }[] {
  const { body } = new DOMParser().parseFromString(html, 'text/html');
  return linesOf(body.textContent).map((text) => ({ type: 'paragraph', content: [{ type: 'text', text }] }));
}

/** Brings text from elsewhere into the post, cleaned, with its pictures, and says what was changed. */
export function useBringIn({ editor, writingId, classId, addPicture, onNamed }: BringInOptions): BringIn {
  const [state, setState] = useState<BroughtIn>({ kind: 'nothing' });
  const bringPictures = useCallback(
    async (pictures: readonly PastedPicture[]) => {
      for (const { name, from } of pictures) {
        const id = from.startsWith('data:')
          ? await addFromData(name, from, addPicture)
          : await addFromWeb(classId, from);
        const before = editor.current?.state.doc ?? null;
        if (editor.current) settlePicture(editor.current, name, id);
        const after = editor.current?.state.doc ?? null;
        // A picture that came in later is part of what is taken back.
        setState((earlier) =>
          earlier.kind === 'done' && earlier.after === before ? { ...earlier, after } : earlier,
        );
        if (id === null)
          setState((earlier) =>
            earlier.kind === 'done' && !earlier.notes.includes('lostPictures')
              ? { ...earlier, notes: [...earlier.notes, 'lostPictures'] }
              : earlier,
          );
      }
    },
    [addPicture, classId, editor],
  );
  const bring = useCallback(
    async (html: string) => {
      const clean = cleaner ?? (await loadCleaner().catch(() => null));
      if (!editor.current) return;
      const cleaned = clean && putCleaned(editor.current, clean, html);
      // Where it cannot be read, or the line was cut before the reading was there, the words at least come in.
      if (!cleaned) editor.current.chain().focus().insertContent(wordsOf(html)).run();
      const notes = cleaned?.notes ?? (['allButWords'] as const);
      const brought = notes.length > 0 || (cleaned?.pictures.length ?? 0) > 0;
      setState(brought ? { kind: 'done', notes, after: editor.current.state.doc } : { kind: 'nothing' });
      if (cleaned) void bringPictures(cleaned.pictures);
    },
    [bringPictures, editor],
  );
  const paste = useCallback((html: string) => void bring(html), [bring]);
  const open = useCallback(
    (file: File) => {
      setState({ kind: 'reading', name: file.name });
      void sendFile(readFile, { writingId, name: file.name }, file).then((outcome) => {
        if (!outcome.ok) return setState({ kind: 'refused', name: file.name, refusal: outcome });
        if (!editor.current) return undefined;
        putOpened(editor.current, outcome.value.body);
        onNamed?.(outcome.value);
        setState({ kind: 'done', notes: outcome.value.notes, after: editor.current.state.doc });
        return bringPictures(outcome.value.pictures);
      });
    },
    [bringPictures, editor, onNamed, writingId],
  );
  const takeBack = useCallback(() => {
    editor.current?.chain().focus().undo().run();
    setState({ kind: 'nothing' });
  }, [editor]);
  const dismiss = useCallback(() => setState({ kind: 'nothing' }), []);
  return { state, paste, open, takeBack, dismiss };
}

async function addFromWeb(classId: string, address: string): Promise<string | null> {
  const outcome = await copyFromAddress(classId, address);
  return outcome.ok ? outcome.value.pictureId : null;
}

/** A picture that came along in its own address; the page may not fetch such an address, so it is read by hand. */
async function addFromData(
  name: string,
  address: string,
  addPicture: BringInOptions['addPicture'],
): Promise<string | null> {
  const [, type = '', data = ''] = /^data:(image\/[a-z+.-]+);base64,(.*)$/is.exec(address) ?? [];
  try {
    const bytes = Uint8Array.from(atob(data.replace(/\s/g, '')), (sign) => sign.charCodeAt(0));
    return type ? await addPicture(new File([bytes], name, { type })) : null;
  } catch (error) {
    // What is no base64 is no picture.
    if (error instanceof DOMException) return null;
    throw error;
  }
}

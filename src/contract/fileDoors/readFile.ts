import type { DocumentJson } from '../../core/document/openDocument';
import type { PastedPicture, PasteNote } from '../../core/formats/cleanPaste';
import { fileDoor } from '../fileDoor';
import { idSchema } from '../idSchema';

/** What was read in a file. */
export interface FileRead {
  readonly body: DocumentJson;
  /** What the file says of itself before its text; empty where it says nothing. */
  readonly title: string;
  readonly labels: readonly string[];
  /** What it had and a post does not keep. */
  readonly notes: readonly PasteNote[];
  readonly pictures: readonly PastedPicture[];
}

/** Reads a file of a word processor, a text or Markdown for somebody who writes. Nothing is changed by it. */
export const readFile = fileDoor({
  path: '/api/files',
  fields: { writingId: idSchema, name: { type: 'string', maxLength: 1000 } },
  most: 20 * 1024 * 1024,
  refusals: 'file',
}).answers<FileRead>();

import { comparableText } from '../../core/alike/comparable';
import type { DocumentJson } from '../../core/document/openDocument';
import { openDocument } from '../../core/document/openDocument';
import { countDocumentWords } from '../../core/words/documentWords';
import { readFile } from './readFile';

type SourceRead =
  | {
      readonly kind: 'read';
      readonly body: DocumentJson;
      readonly words: number;
      readonly comparable: string;
    }
  | { readonly kind: 'broken' | 'tooMuch' };

/** Reads a text that own words are compared with, and counts its words. */
export async function readSource(file: Parameters<typeof readFile>[0]): Promise<SourceRead> {
  const read = await readFile(file);
  if (read.kind !== 'read') return read;
  const document = openDocument(read.body);
  return {
    kind: 'read',
    body: read.body,
    words: countDocumentWords(document),
    comparable: comparableText(document),
  };
}

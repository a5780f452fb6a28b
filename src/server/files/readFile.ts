import mammoth from 'mammoth';
import { unzipSync } from 'fflate';
import { escapeHtml } from '../../core/document/html/writeHtml';
import { readMarkdown } from '../../core/document/readMarkdown';
import { cleanPaste, type PastedPicture, type PasteNote } from '../../core/formats/cleanPaste';
import type { DocumentJson } from '../../core/document/openDocument';
import { done, NOT_THERE, refused, type Result } from '../access/useCase';
import { findClassToWriteIn } from '../posts/findClassToWriteIn';
import { maybeReadOdt, MOST_UNPACKED } from './readOdt';

export interface ReadFile {
  readonly body: DocumentJson;
  readonly notes: readonly PasteNote[];
  readonly pictures: readonly PastedPicture[];
}

/** The largest file that is opened. */
export const MOST_FILE_BYTES = 20 * 1024 * 1024;

/**
 * Reads a word processor's file, a text or Markdown for somebody who writes. What they write is not changed:
 * what was read goes to the writer's page.
 */
export async function readFile(
  { writingId, name, file }: { readonly writingId: string; readonly name: string; readonly file: Buffer },
  { personId, now }: { readonly personId: string | null; readonly now: Date },
): Promise<Result<ReadFile>> {
  if (personId === null || !(await findClassToWriteIn(writingId, { personId, now }))) return NOT_THERE;
  if (file.length > MOST_FILE_BYTES)
    return refused('file.tooLarge', 'file', { most: MOST_FILE_BYTES / 1024 / 1024 });
  const kind = /\.([a-z]+)$/i.exec(name)?.[1]?.toLowerCase() ?? '';
  if (kind === 'md')
    return done({ body: json(readMarkdown(file.toString('utf8'))), notes: [], pictures: [] });
  const reader = READERS[kind];
  if (!reader) return refused(kind === 'doc' ? 'file.oldKind' : 'file.unknownKind', 'file');
  const html = await reader(file);
  if (html === null) return refused('file.broken', 'file');
  const { document, notes, pictures } = cleanPaste(html);
  return done({ body: json(document), notes, pictures });
}

/** How each kind of file becomes HTML; null where it is broken, or none of its kind. */
const READERS: Readonly<Record<string, (file: Buffer) => string | null | Promise<string | null>>> = {
  docx: readDocx,
  odt: (file) => maybeReadOdt(new Uint8Array(file)),
  txt: (file) => paragraphs(file.toString('utf8')),
  html: (file) => file.toString('utf8'),
  htm: (file) => file.toString('utf8'),
};

async function readDocx(file: Buffer): Promise<string | null> {
  if (!unpacksWithin(file)) return null;
  try {
    return (await mammoth.convertToHtml({ buffer: file })).value;
  } catch (error) {
    // The package answers every broken file with a plain error.
    if (error instanceof Error) return null;
    throw error;
  }
}

/** Whether an archive says that it unpacks to no more than we take; false too where it is none. */
function unpacksWithin(file: Buffer): boolean {
  let size = 0;
  try {
    unzipSync(new Uint8Array(file), {
      filter: ({ originalSize }) => {
        size += originalSize;
        return false;
      },
    });
    return size <= MOST_UNPACKED;
  } catch {
    // fflate throws for whatever is no archive.
    return false;
  }
}

function paragraphs(text: string): string {
  return text
    .split(/\r?\n\s*\r?\n/)
    .map((block) => `<p>${escapeHtml(block.trim()).replace(/(&#13;)?\n/g, '<br>')}</p>`)
    .join('');
}

function json(document: { toJSON(): unknown }): DocumentJson {
  return document.toJSON() as DocumentJson;
}

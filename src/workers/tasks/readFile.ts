import type { FileRead } from '../../contract/fileDoors/readFile';
import { escapeHtml } from '../../core/document/html/writeHtml';
import type { DocumentJson } from '../../core/document/openDocument';
import { isWithinBounds } from '../../core/document/bounds';
import { frontMatter } from '../../core/document/frontMatter';
import { readMarkdown } from '../../core/document/readMarkdown';
import { decodeText } from '../../core/text/decodeText';
import { cleanPaste } from '../../core/formats/cleanPaste';
import { maybeReadDocx } from './readDocx';
import { maybeReadOdt } from './readOdt';

type ReadOutcome =
  | ({ readonly kind: 'read' } & FileRead)
  /** It is broken, or none of its kind; or there is more in it, or it is nested deeper, than a post may be. */
  | { readonly kind: 'broken' | 'tooMuch' };

/** The kinds of files that can be read, by the end of their names. */
export const FILE_KINDS = ['docx', 'odt', 'txt', 'md', 'html', 'htm'] as const;
type FileKind = (typeof FILE_KINDS)[number];

/** Reads a word processor's file, a text, Markdown or HTML into a document. */
export async function readFile({
  kind,
  file,
}: {
  readonly kind: FileKind;
  readonly file: Uint8Array;
}): Promise<ReadOutcome> {
  if (kind === 'md') {
    const { title, labels, text } = frontMatter(textOf(file));
    return fitting({ body: json(readMarkdown(text)), title, labels, notes: [], pictures: [] });
  }
  const html = await READERS[kind](file);
  if (html === null) return { kind: 'broken' };
  const { document, notes, pictures } = cleanPaste(html);
  return fitting({ body: json(document), title: '', labels: [], notes, pictures });
}

function fitting(read: FileRead): ReadOutcome {
  return isWithinBounds(read.body) ? { kind: 'read', ...read } : { kind: 'tooMuch' };
}

/** How each kind of file becomes HTML; null where it is broken, or none of its kind. */
const READERS: Readonly<
  Record<Exclude<FileKind, 'md'>, (file: Uint8Array) => string | null | Promise<string | null>>
> = {
  docx: maybeReadDocx,
  odt: maybeReadOdt,
  txt: (file) => paragraphs(textOf(file)),
  html: textOf,
  htm: textOf,
};

function paragraphs(text: string): string {
  return text
    .split(/\r?\n\s*\r?\n/)
    .map((block) => `<p>${escapeHtml(block.trim()).replace(/(&#13;)?\n/g, '<br>')}</p>`)
    .join('');
}

/** However it was encoded: an old text of the school is no heap of question marks. */
function textOf(file: Uint8Array): string {
  return decodeText(file);
}

function json(document: { toJSON(): unknown }): DocumentJson {
  return document.toJSON() as DocumentJson;
}

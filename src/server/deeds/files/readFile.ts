import { FILE_KINDS, type FileRead } from '../../../workers/tasks/readFile';
import { done, NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import { work } from '../../ground/work/work';
import { findClassToWriteIn } from '../subjects/findClassToWriteIn';

/** The largest file that is opened. */
export const MOST_FILE_BYTES = 20 * 1024 * 1024;

/**
 * Reads a word processor's file, a text or Markdown for somebody who writes. What they write is not changed:
 * what was read goes to the writer's page.
 */
export async function readFile(
  { writingId, name, file }: { readonly writingId: string; readonly name: string; readonly file: Buffer },
  { personId, now }: { readonly personId: string | null; readonly now: Date },
): Promise<Result<FileRead>> {
  if (personId === null || !(await findClassToWriteIn(writingId, { personId, now }))) return NOT_THERE;
  if (file.length > MOST_FILE_BYTES)
    return refused('file.tooLarge', 'file', { most: MOST_FILE_BYTES / 1024 / 1024 });
  const ending = /\.([a-z]+)$/i.exec(name)?.[1]?.toLowerCase() ?? '';
  const kind = FILE_KINDS.find((one) => one === ending);
  if (!kind) return refused(ending === 'doc' ? 'file.oldKind' : 'file.unknownKind', 'file');
  const read = await work('readFile', { kind, file: new Uint8Array(file) }, personId);
  if (!read.ok) return refused(`file.${read.why}`, 'file');
  const { kind: outcome, ...what } = read.value as typeof read.value & FileRead;
  return outcome === 'read' ? done(what) : refused(`file.${outcome}`, 'file');
}

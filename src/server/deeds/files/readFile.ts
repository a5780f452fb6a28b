import type { FileRead } from '../../../contract/fileDoors/readFile';
import { done, NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import { work } from '../../ground/work/work';
import { findClassToWriteIn } from '../subjects/findClassToWriteIn';
import { kindByName } from './fileNames';

/**
 * Reads a word processor's file, a text or Markdown for somebody who writes. What they write is not changed:
 * what was read goes to the writer's page.
 */
export async function readFile(
  { writingId, name, file }: { readonly writingId: string; readonly name: string; readonly file: Buffer },
  { personId, now }: { readonly personId: string | null; readonly now: Date },
): Promise<Result<FileRead>> {
  if (personId === null || !(await findClassToWriteIn(writingId, { personId, now }))) return NOT_THERE;
  const kind = kindByName(name);
  if (typeof kind === 'object') return refused(kind.refusal, 'file');
  const read = await work('readFile', { kind, file: new Uint8Array(file) }, personId);
  if (!read.ok) return refused(`file.${read.why}`, 'file');
  const { kind: outcome, ...what } = read.value as typeof read.value & FileRead;
  return outcome === 'read' ? done(what) : refused(`file.${outcome}`, 'file');
}

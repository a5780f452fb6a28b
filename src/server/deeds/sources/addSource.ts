import type { addSource as door, SourceShown } from '../../../contract/fileDoors/addSource';
import type { InputOf } from '../../../contract/input';
import { NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { bareName, kindByName } from '../files/fileNames';
import { assignmentToGive, keepSource } from './keepSource';

/** Keeps a file, or a text sent as one, that own words are compared with. */
export async function addSource(
  { assignmentId, name, file }: InputOf<typeof door> & { readonly file: Buffer },
  { personId, now }: { readonly personId: string | null; readonly now: Date },
): Promise<Result<SourceShown>> {
  if (personId === null) return NOT_THERE;
  const giving = { assignmentId, personId, now };
  const given = await assignmentToGive(database, giving);
  if (!given.ok) return given;
  const kind = kindByName(name);
  if (typeof kind === 'object') return refused(kind.refusal, 'file');
  return keepSource({ kind, file, name: bareName(name), field: 'file' }, giving);
}

import { createHash } from 'node:crypto';
import { addHandout as door } from '../../../contract/fileDoors/addHandout';
import type { InputOf, OutputOf } from '../../../contract/input';
import { may } from '../../../core/access/may';
import { writeAuditLine } from '../../ground/access/auditLog';
import { findRole } from '../../ground/access/roles';
import { done, NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import { database, inTransaction } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { SHELVES } from '../../ground/storage/shelves';
import { insertHandout } from '../../tables/handouts';
import { bareName } from '../files/fileNames';

type Given = InputOf<typeof door> & { readonly file: Buffer };

/** Takes a file that is given out into a class. Who may fetch it is said by the assignments and pages that have it with them. */
export async function addHandout(
  { classId, name: given, file }: Given,
  { personId, now }: { readonly personId: string | null; readonly now: Date },
): Promise<Result<OutputOf<typeof door>>> {
  if (personId === null) return NOT_THERE;
  const role = await findRole(database, classId, personId);
  if (!may({ personId, role }, 'handout.add', {})) return NOT_THERE;
  if (file.length === 0) return refused('handout.empty', 'file');
  const name = bareName(given) || 'file';
  const contentHash = createHash('sha256').update(file).digest('hex');
  await SHELVES.handouts.store(contentHash, 'whole', file);
  const id = newId();
  await inTransaction(async (transaction) => {
    const row = { id, classId, uploadedBy: personId, name, size: file.length, contentHash };
    await insertHandout(transaction, { ...row, at: now });
    await writeAuditLine(transaction, {
      useCase: 'addHandout',
      found: { classId, subjectId: id },
      personId,
      now,
    });
  });
  return done({ handoutId: id, name });
}

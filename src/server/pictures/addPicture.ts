import { may } from '../../core/access/may';
import { findRole } from '../access/roles';
import { done, NOT_THERE, refused, type Result } from '../access/useCase';
import { database, inTransaction } from '../database/database';
import { checkOf } from '../input/validate';
import { newId } from '../database/newId';
import { writeAuditLine } from '../access/auditLog';
import { storePicture } from '../storage/pictureFiles';
import { encodePicture } from './encode';
import { insertPicture } from './queries';

export interface AddedPicture {
  readonly pictureId: string;
  readonly perceptualHash: string;
  readonly width: number;
  readonly height: number;
}

const check = checkOf<{ readonly classId: string }>({
  type: 'object',
  required: ['classId'],
  properties: { classId: { type: 'string', minLength: 1, maxLength: 16 } },
});

/**
 * Takes an uploaded picture into a class. Encoding takes a while, so it stands outside the transaction; the files are
 * in place before the row that names them.
 */
export async function addPicture(
  { classId, file }: { readonly classId: string; readonly file: Buffer },
  { personId, now }: { readonly personId: string | null; readonly now: Date },
): Promise<Result<AddedPicture>> {
  const checked = check({ classId });
  if (!checked.ok) return refused(`input.${checked.problem.key}`, checked.field);
  if (personId === null) return NOT_THERE;
  const role = await findRole(database, classId, personId);
  if (!may({ personId, role }, 'picture.add', {})) return NOT_THERE;
  const encoded = await encodePicture(file);
  if (!encoded.ok) return encoded;
  for (const [width, content] of encoded.files) await storePicture(encoded.contentHash, width, content);
  const { contentHash, perceptualHash, width, height } = encoded;
  const id = newId();
  await inTransaction(async (transaction) => {
    await insertPicture(transaction, {
      id,
      classId,
      uploadedBy: personId,
      contentHash,
      perceptualHash,
      width,
      height,
      at: now,
    });
    await writeAuditLine(transaction, {
      useCase: 'addPicture',
      found: { classId, subjectId: id },
      personId,
      now,
    });
  });
  return done({ pictureId: id, perceptualHash, width, height });
}

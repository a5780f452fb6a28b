import type { AddedPicture } from '../../../contract/fileDoors/addPicture';
import { writeAuditLine } from '../../ground/access/auditLog';
import { done, type Result } from '../../ground/access/useCase';
import { inTransaction } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { SHELVES } from '../../ground/storage/shelves';
import { insertPicture, type PicturePurpose } from '../../tables/pictures';
import { encodePicture } from './encode';

interface Keeping {
  readonly classId: string;
  readonly personId: string;
  readonly purpose: PicturePurpose;
  readonly now: Date;
}

/**
 * Keeps a picture's file in a class, for somebody who may. Encoding takes a while, so it stands outside the
 * transaction; the files are in place before the row that names them.
 */
export async function keepPicture(
  file: Buffer,
  { classId, personId, purpose, now }: Keeping,
): Promise<Result<AddedPicture>> {
  const encoded = await encodePicture(file);
  if (!encoded.ok) return encoded;
  for (const [width, content] of encoded.files)
    await SHELVES.pictures.store(encoded.contentHash, width, content);
  const { contentHash, perceptualHash, width, height } = encoded;
  const id = newId();
  await inTransaction(async (transaction) => {
    const row = { id, classId, uploadedBy: personId, contentHash, perceptualHash, width, height };
    await insertPicture(transaction, { ...row, purpose, at: now });
    const found = { classId, subjectId: id };
    await writeAuditLine(transaction, { useCase: 'addPicture', found, personId, now });
  });
  return done({ pictureId: id, perceptualHash, width, height });
}

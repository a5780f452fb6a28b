import { showPassphrase as form } from '../../../contract/forms/showPassphrase';
import type { InputOf } from '../../../contract/input';
import { comparablePassphrase } from '../../../core/privacy/passphrase';
import { done, refused, type Result } from '../../ground/access/useCase';
import { findClassByAddress } from '../../tables/classes';
import { database } from '../../ground/database/database';
import { inputCheckOf } from '../../ground/access/checkInput';
import { takeTurn, type Rest } from '../../ground/limits/takeTry';
import { isSecret, tokenHash } from '../../ground/secrets/secrets';
import { insertShown, listPassphraseHashes } from '../../tables/passphrases';

const check = inputCheckOf<InputOf<typeof form>>(form.input);

/**
 * Takes a passphrase that somebody shows for a class blog, and remembers it for their device. A blog that is not there
 * and a passphrase that is wrong answer alike.
 * @param from the device's own token, its network address, and the time
 */
export async function showPassphrase(
  input: unknown,
  from: { readonly device: string; readonly address: string; readonly now: Date; readonly wait?: Rest },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  const { blog, post, passphrase } = checked.value;
  // Counted per blog and network address, so that nobody can keep a family out from elsewhere.
  const taken = await takeTurn('passphrase', { ...from, subject: `${from.address} ${blog}` });
  if (!taken.allowed) return refused('passphrase.tooMany', 'passphrase');
  const inClass = await findClassByAddress(database, blog);
  const hashes = inClass ? await listPassphraseHashes(database, inClass.id, post ?? null) : [];
  const typed = comparablePassphrase(passphrase);
  let fits: string | null = null;
  // Where there is none to compare with, one is compared all the same: the answer takes as long.
  for (const { postId, hash } of hashes.length > 0 ? hashes : [{ postId: '', hash: null }])
    if (await isSecret(hash, typed)) fits ??= postId;
  if (fits === null || !inClass) return refused('passphrase.wrong', 'passphrase');
  await taken.giveBack();
  await insertShown(database, {
    deviceHash: tokenHash(from.device),
    classId: inClass.id,
    postId: fits,
    at: from.now,
  });
  return done(null);
}

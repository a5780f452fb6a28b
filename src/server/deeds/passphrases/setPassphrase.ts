import { setPassphrase as deed } from '../../../contract/passphrases/setPassphrase';
import { comparablePassphrase, passphraseWeakness } from '../../../core/privacy/passphrase';
import { done, refused } from '../../ground/access/useCase';
import { hashSecret } from '../../ground/secrets/secrets';
import { deleteShown, updateClassPassphrase } from '../../tables/passphrases';
import { classUseCase } from '../subjects/classUseCase';

export const setPassphrase = classUseCase(deed, {
  async prepare({ passphrase }, inClass, { personId }) {
    const known = [inClass.title, inClass.groupName, inClass.address, inClass.schoolName];
    const weakness = passphrase === '' ? null : passphraseWeakness(passphrase, known);
    if (weakness) return refused(`passphrase.${weakness}`, 'passphrase');
    return done(passphrase === '' ? null : await hashSecret(comparablePassphrase(passphrase), personId));
  },
  async run({ classId }, _, { database, now }, hash) {
    await updateClassPassphrase(database, { classId, hash, at: now });
    await deleteShown(database, classId, '');
    return done(null);
  },
});

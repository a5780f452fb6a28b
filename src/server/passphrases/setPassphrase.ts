import { setPassphrase as deed } from '../../contract/passphrases/setPassphrase';
import { comparablePassphrase, passphraseWeakness } from '../../core/privacy/passphrase';
import { done, refused } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { hashSecret } from '../sessions/secrets';
import { deleteShown, updateClassPassphrase } from './queries';

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

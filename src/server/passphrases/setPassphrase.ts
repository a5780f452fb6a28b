import { comparablePassphrase, passphraseWeakness } from '../../core/privacy/passphrase';
import { done, refused } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { hashSecret } from '../sessions/secrets';
import { deleteShown, updateClassPassphrase } from './queries';

interface Input {
  readonly classId: string;
  /** Empty takes the passphrase away: nobody gets in with one any more. */
  readonly passphrase: string;
}

/** Gives a class another passphrase. Devices that had shown the old one are asked again. */
export const setPassphrase = classUseCase<Input, null, string | null>({
  name: 'setPassphrase',
  action: 'class.change',
  whileResting: true,
  fields: { passphrase: { type: 'string', maxLength: 200 } },
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

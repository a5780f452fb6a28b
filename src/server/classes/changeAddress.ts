import { done, refused } from '../access/useCase';
import { examineAddress } from './checkAddress';
import { classUseCase } from './classUseCase';
import { insertAddress, updateClassAddress } from './queries';

interface Input {
  readonly classId: string;
  readonly address: string;
}

/** Gives a class blog another address. The old one goes on working and leads to the new one. */
export const changeAddress = classUseCase<Input, null>({
  name: 'changeAddress',
  action: 'class.change',
  fields: { address: { type: 'string', maxLength: 100 } },
  async run({ classId, address }, inClass, { database, now }) {
    const { problem } = await examineAddress(database, address, inClass, now);
    if (problem) return refused(`class.address.${problem}`, 'address');
    await insertAddress(database, { classId, address, since: now });
    await updateClassAddress(database, classId, address);
    return done(null);
  },
});
